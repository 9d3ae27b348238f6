-- The gates Safe, As found and Windings.

alter table pin modify gate enum('SAFE', 'FOUND', 'PLATE', 'DIAGRAM', 'WINDINGS', 'SUPPLY', 'SWITCH', 'WIRE') not null;

create table safe_record (
  job_id bigint primary key,
  disconnect enum('PLUG', 'LOCKED', 'FUSES', 'LOOSE') not null,
  note varchar(200) not null,
  meter_before boolean not null,
  dead boolean not null,
  meter_after boolean not null,
  no_capacitor boolean not null,
  foreign key (job_id) references job (id) on delete cascade
);

create table capacitor (
  id bigint primary key auto_increment,
  job_id bigint not null,
  name varchar(40) not null,
  microfarads decimal(8, 2) not null check (microfarads > 0),
  volts smallint not null check (volts between 24 and 1000),
  bleed enum('SEEN', 'NOT_SEEN') not null,
  bleed_ohms decimal(10, 1) check (bleed_ohms > 0),
  unique (job_id, name),
  foreign key (job_id) references job (id) on delete cascade
);

-- what was measured on it; never changed, never deleted
create table capacitor_reading (
  id bigint primary key auto_increment,
  capacitor_id bigint not null,
  volts decimal(6, 1) not null check (volts >= 0),
  how varchar(80) not null,
  at timestamp(3) not null,
  person_id bigint not null,
  foreign key (capacitor_id) references capacitor (id) on delete cascade,
  foreign key (person_id) references person (id)
);

create table found_record (
  job_id bigint primary key,
  nothing_connected boolean not null,
  version int not null default 0,
  foreign key (job_id) references job (id) on delete cascade
);

create table found_wire (
  job_id bigint not null,
  number tinyint not null,
  mark varchar(12) not null,
  colour varchar(30) not null,
  bands tinyint not null check (bands between 0 and 9),
  one_end varchar(32) not null,
  other_end varchar(32) not null,
  aside varchar(80) not null,
  primary key (job_id, number),
  check (one_end <> other_end),
  foreign key (job_id) references job (id) on delete cascade
);

create table found_photo (
  id bigint primary key auto_increment,
  job_id bigint not null,
  width int not null check (width > 0),
  height int not null check (height > 0),
  jpeg mediumblob not null,
  added_at timestamp(3) not null,
  unique (id, job_id),
  foreign key (job_id) references job (id) on delete cascade
);

-- a pin on a photo: a wire's end or a terminal; its place in thousandths of the picture
create table photo_pin (
  id bigint primary key auto_increment,
  photo_id bigint not null,
  x smallint not null check (x between 0 and 1000),
  y smallint not null check (y between 0 and 1000),
  mark varchar(16) not null,
  colour varchar(30) not null,
  bands tinyint not null check (bands between 0 and 9),
  foreign key (photo_id) references found_photo (id) on delete cascade
);

create table winding_record (
  motor_id bigint primary key,
  marks_trusted boolean not null,
  dual_voltage boolean,
  turn_second_half boolean,
  foreign key (motor_id) references motor (id) on delete cascade
);

create table pad_lead (
  motor_id bigint not null,
  name varchar(12) not null,
  place tinyint not null,
  aside varchar(80) not null,
  primary key (motor_id, name),
  foreign key (motor_id) references motor (id) on delete cascade
);

-- what a meter showed; never changed, never deleted; no ohms is OL
create table ohm_reading (
  id bigint primary key auto_increment,
  motor_id bigint not null,
  lead_a varchar(12) not null,
  lead_b varchar(12) not null,
  shown_ohms double check (shown_ohms >= 0),
  zero_ohms double not null check (zero_ohms >= 0),
  celsius decimal(4, 1) not null check (celsius between -40 and 200),
  start_switch enum('AT_REST', 'HELD_OPEN') not null,
  simulated boolean not null,
  at timestamp(3) not null,
  person_id bigint not null,
  check (lead_a <> lead_b),
  key (motor_id, id),
  foreign key (motor_id) references motor (id) on delete cascade,
  foreign key (person_id) references person (id)
);

-- the inside of a demo motor, for the simulated meter
create table hidden_way (
  id bigint primary key auto_increment,
  motor_id bigint not null,
  point_a varchar(16) not null,
  point_b varchar(16) not null,
  ohms double not null check (ohms > 0),
  behind_start_switch boolean not null,
  foreign key (motor_id) references motor (id) on delete cascade
);
