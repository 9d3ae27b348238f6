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
