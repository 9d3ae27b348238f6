-- Hand over: what isolates a machine, and which of its papers were printed or saved; the shop's time zone, for the log.

alter table pin modify gate enum('SAFE', 'FOUND', 'PLATE', 'DIAGRAM', 'WINDINGS', 'SUPPLY', 'ROTATION', 'SWITCH', 'WIRE', 'COLD', 'LIVE', 'HANDOVER') not null;

create table isolator (
  job_id bigint primary key,
  name varchar(60) not null,
  foreign key (job_id) references job (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;

-- only added to: the last of each kind counts
create table paper_taken (
  id bigint primary key auto_increment,
  job_id bigint not null,
  paper enum('SHEET', 'COVER', 'LABELS', 'DANGER', 'CHECKS', 'BUYING') not null,
  -- stands for all that it showed
  mark varchar(40) not null,
  at timestamp(3) not null,
  person_id bigint not null,
  key (job_id, id),
  foreign key (job_id) references job (id) on delete cascade,
  foreign key (person_id) references person (id)
) character set utf8mb4 collate utf8mb4_bin;

-- a name of the IANA time zone database
alter table shop add zone varchar(40) not null default 'UTC';
