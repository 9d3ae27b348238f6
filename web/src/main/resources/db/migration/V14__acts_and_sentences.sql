-- each part of a job counts its own saves, and the job counts all of them
alter table job add column revision int not null default 0;
create table part_version (
  job_id bigint not null,
  part varchar(20) not null,
  version int not null,
  primary key (job_id, part),
  foreign key (job_id) references job (id) on delete cascade
);
alter table job drop column version;
alter table motor drop column version;
alter table found_record drop column version;
alter table rotation_plan drop column version;
alter table switch_map drop column version;

-- what is computed is kept as a key with its arguments, and put into words where it is read;
-- what was written before stays word for word
alter table pin modify reason text not null;
update pin set reason = json_object('key', 'own', 'args', json_array(reason));
alter table pin modify reason text not null check (json_valid(reason));
alter table log_entry modify words text not null;
update log_entry set words = json_object('key', 'own', 'args', json_array(words));
alter table log_entry modify words text not null check (json_valid(words));
-- a plan is called by what it costs
alter table plan drop column name;

-- nothing is ever deleted by a slip: it is set aside, and can be brought back
alter table shop add column set_aside_at timestamp(3) null default null;
alter table machine add column set_aside_at timestamp(3) null default null;
-- what was touched last comes first in the yard
alter table job add column touched_at timestamp(3) not null default current_timestamp(3);
update job set touched_at = coalesce((select max(at) from log_entry where log_entry.job_id = job.id), touched_at);
-- what each job waits for, so that the yard need not ask every job anew; null where nobody has asked yet
alter table job add column waits text null check (json_valid(waits));
create index job_touched on job (touched_at);
