-- Cold check and live check: what was read and seen of a wiring before and under power.

alter table pin modify gate enum('SAFE', 'FOUND', 'PLATE', 'DIAGRAM', 'WINDINGS', 'SUPPLY', 'ROTATION', 'SWITCH', 'WIRE', 'COLD', 'LIVE') not null;

-- only added to: a later entry corrects an earlier one
create table check_entry (
  id bigint primary key auto_increment,
  job_id bigint not null,
  -- the plan that was wired; null where the wiring was found and nobody planned it
  plan_id bigint null,
  kind enum('OHMS', 'CAPACITOR', 'MENDED', 'READY', 'LIVE') not null,
  -- what it is about: a capacitor, a fault, an end of the motor, a step under power
  about varchar(200) not null,
  point_a varchar(60) null,
  point_b varchar(60) null,
  setting varchar(40) null,
  held_open boolean not null default false,
  -- null for OL
  shown double null,
  unit enum('OHMS', 'MICROFARADS', 'SWINGS') null,
  turn enum('CLOCKWISE', 'COUNTER_CLOCKWISE', 'HUMS', 'NOTHING', 'TRIPS') null,
  zero_ohms double not null default 0,
  celsius double not null default 20,
  simulated boolean not null default false,
  at timestamp(3) not null,
  person_id bigint not null,
  key (job_id, id),
  check (kind <> 'OHMS' or (point_a is not null and point_b is not null and setting is not null)),
  foreign key (job_id) references job (id) on delete cascade,
  foreign key (plan_id) references plan (id),
  foreign key (person_id) references person (id)
) character set utf8mb4 collate utf8mb4_bin;

-- a person's own meter
create table meter (
  person_id bigint primary key,
  percent double not null check (percent >= 0),
  ohms double not null check (ohms >= 0),
  zero_ohms double not null check (zero_ohms >= 0),
  capacitance boolean not null,
  foreign key (person_id) references person (id)
) character set utf8mb4 collate utf8mb4_bin;

-- what is wrong with a demo job's wiring, for the simulated instruments; blank where nothing is
create table hidden_fault (
  job_id bigint primary key,
  fault varchar(200) not null,
  foreign key (job_id) references job (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;
