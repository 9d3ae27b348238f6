-- Spare motors: a motor without a machine lies on the shelf. What is known of it goes with it, on to the shelf and off it.

alter table motor modify machine_id bigint null;

create table spare (
  motor_id bigint primary key,
  name varchar(80) not null,
  came_from varchar(80) not null,
  -- what was set aside and why, what was cut off, thread and shaft notes
  note varchar(500) not null,
  tested boolean not null,
  start_ends_out boolean null,
  -- as typed
  shaft varchar(20) not null,
  shaft_key varchar(20) not null,
  height varchar(20) not null,
  fixing enum('FEET', 'FACE', 'BOTH', 'UNKNOWN') not null,
  put_at timestamp(3) not null,
  person_id bigint not null,
  foreign key (motor_id) references motor (id) on delete cascade,
  foreign key (person_id) references person (id)
) character set utf8mb4 collate utf8mb4_bin;

-- what was measured before a machine's motor comes off, as typed, and what that motor was
create table old_mount (
  job_id bigint primary key,
  horsepower double not null check (horsepower > 0),
  rpm smallint not null check (rpm > 0),
  three_phase boolean not null,
  amps double null,
  both_ways boolean not null,
  turned enum('CLOCKWISE', 'COUNTER_CLOCKWISE', 'NOT_STATED') not null,
  seen_from enum('SHAFT_END', 'OPPOSITE_END') not null,
  pulley varchar(20) not null,
  face varchar(20) not null,
  shaft varchar(20) not null,
  shaft_key varchar(20) not null,
  height varchar(20) not null,
  clearance varchar(20) not null,
  fixing enum('FEET', 'FACE', 'BOTH', 'UNKNOWN') not null,
  note varchar(500) not null,
  foreign key (job_id) references job (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;
