-- Which way a machine must turn, through which drive, and whether it may be reversed.

alter table pin modify gate enum('SAFE', 'FOUND', 'PLATE', 'DIAGRAM', 'WINDINGS', 'SUPPLY', 'ROTATION', 'SWITCH', 'WIRE') not null;

create table rotation_plan (
  job_id bigint primary key,
  motion varchar(20) not null,
  tool enum('CLOCKWISE', 'COUNTER_CLOCKWISE') not null,
  shaft_like_tool boolean not null,
  both_ways boolean not null,
  secured boolean not null,
  coast_seconds decimal(6, 1) check (coast_seconds >= 0),
  momentary boolean not null,
  version int not null default 0,
  foreign key (job_id) references job (id) on delete cascade
);

create table drive_stage (
  job_id bigint not null,
  number tinyint not null,
  kind varchar(20) not null,
  driver double not null check (driver > 0),
  driven double not null check (driven > 0),
  turned boolean not null,
  primary key (job_id, number),
  foreign key (job_id) references rotation_plan (job_id) on delete cascade
);

create table reverse_hazard (
  job_id bigint not null,
  hazard varchar(20) not null,
  primary key (job_id, hazard),
  foreign key (job_id) references rotation_plan (job_id) on delete cascade
);
