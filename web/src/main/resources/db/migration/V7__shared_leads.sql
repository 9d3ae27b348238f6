-- A lead brings out one winding end, or several that are joined inside the motor.
create table lead_end (
  lead_id bigint not null,
  motor_id bigint not null,
  circuit enum('RUN', 'START', 'PROTECTOR', 'CAPACITOR') not null,
  winding_number tinyint not null check (winding_number in (1, 2)),
  like_end boolean not null,
  primary key (lead_id, circuit, winding_number),
  foreign key (lead_id, motor_id) references lead_wire (id, motor_id) on delete cascade
);

insert into lead_end (lead_id, motor_id, circuit, winding_number, like_end)
select id, motor_id, circuit, winding_number, like_end from lead_wire;

alter table lead_wire drop column circuit, drop column winding_number, drop column like_end;
