-- The control circuit of contactors, and which of its wires are made; a spare motor can be scrapped.

create table control_circuit (
  job_id bigint primary key,
  -- as docs/formats describes a ladder as text
  ladder text not null,
  restart boolean not null,
  standstill_first boolean not null,
  -- what it was built from, as key=value; empty where a person entered it
  wishes varchar(400) not null default '',
  foreign key (job_id) references job (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;

create table control_wire_made (
  job_id bigint not null,
  from_terminal varchar(20) not null,
  to_terminal varchar(20) not null,
  made_at timestamp(3) not null,
  made_by bigint not null,
  primary key (job_id, from_terminal, to_terminal),
  foreign key (job_id) references job (id) on delete cascade,
  foreign key (made_by) references person (id)
) character set utf8mb4 collate utf8mb4_bin;

-- a scrapped motor lies on no shelf; what was read of it is kept
alter table spare add scrapped_at timestamp(3) null, add scrapped_why varchar(200) not null default '';
