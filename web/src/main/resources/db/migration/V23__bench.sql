-- Wirings laid by hand on a bench beside a job's own, and every step that led to them.

create table bench_copy (
  id bigint primary key auto_increment,
  job_id bigint not null,
  name varchar(60) not null,
  -- the switch of the library that it is tried on, by its key; blank where it is the job's own
  gear varchar(40) not null default '',
  -- the step that is shown: those after it can be done again
  at_step int not null default 0 check (at_step >= 0),
  made_at timestamp(3) not null,
  unique key (job_id, name),
  foreign key (job_id) references job (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;

create table bench_step (
  copy_id bigint not null,
  step int not null check (step >= 0),
  -- a wire a line, both ends with a tab between
  wires text not null,
  primary key (copy_id, step),
  foreign key (copy_id) references bench_copy (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;
