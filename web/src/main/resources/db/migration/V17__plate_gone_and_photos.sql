-- What is left to see of a motor whose plate is gone, as it was typed; and several photos a motor, with what a machine took them to say.

create table plate_trace (
  motor_id bigint primary key,
  volts varchar(20) not null,
  shaft varchar(20) not null,
  height varchar(20) not null,
  start_microfarads varchar(20) not null,
  run_microfarads varchar(20) not null,
  conductor varchar(20) not null,
  idle_amps varchar(20) not null,
  rpm varchar(20) not null,
  family varchar(40) not null,
  foreign key (motor_id) references motor (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;

create table motor_photo (
  id bigint primary key auto_increment,
  motor_id bigint not null,
  width int not null check (width > 0),
  height int not null check (height > 0),
  jpeg mediumblob not null,
  words mediumtext null,
  added_at timestamp(3) not null,
  foreign key (motor_id) references motor (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;

insert into motor_photo (motor_id, width, height, jpeg, added_at)
select motor_id, width, height, jpeg, added_at from plate_photo;
drop table plate_photo;

-- what eye and ear say of the windings
alter table winding_record
  add column thick varchar(120) not null default '',
  add column thin varchar(120) not null default '',
  add column humps tinyint null check (humps between 0 and 3),
  add column click boolean null;

-- a start winding that was tried, or put back; only added to
create table start_trial (
  id bigint primary key auto_increment,
  motor_id bigint not null,
  name varchar(1) not null,
  first_end varchar(12) not null,
  second_end varchar(12) not null,
  outcome enum('REVERSED', 'SAME_WAY', 'NOT_STARTED', 'PUT_BACK') not null,
  direction enum('NOT_STATED', 'CLOCKWISE', 'COUNTER_CLOCKWISE') not null,
  seen_from enum('SHAFT_END', 'OPPOSITE_END') not null,
  note varchar(300) not null,
  jpeg mediumblob null,
  at timestamp(3) not null,
  person_id bigint not null,
  key (motor_id, id),
  foreign key (motor_id) references motor (id) on delete cascade,
  foreign key (person_id) references person (id)
) character set utf8mb4 collate utf8mb4_bin;

-- what machine it is, and what its two ways are called
alter table rotation_plan
  add column machine varchar(20) not null default 'OTHER',
  add column work_word varchar(12) not null default 'FORWARD',
  add column back_word varchar(12) not null default 'REVERSE';
