-- The plate as it reads, its photo, and the supply a job is planned for.

alter table motor add column plate_text varchar(600) not null default '';

create table plate_photo (
  motor_id bigint primary key,
  width int not null check (width > 0),
  height int not null check (height > 0),
  jpeg mediumblob not null,
  added_at timestamp(3) not null,
  foreign key (motor_id) references motor (id) on delete cascade
);

create table job_supply (
  job_id bigint primary key,
  metres decimal(6, 1) not null check (metres between 0 and 2000),
  present_plug varchar(60) not null,
  foreign key (job_id) references job (id) on delete cascade
);

alter table pin modify gate enum('PLATE', 'DIAGRAM', 'SUPPLY', 'SWITCH', 'WIRE') not null;
