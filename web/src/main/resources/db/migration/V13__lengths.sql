-- lengths typed in feet keep their millimetres, so that 50 feet are 50 feet again
alter table job_supply modify metres decimal(7, 3) not null check (metres between 0 and 2000);
alter table cable_lengths
  modify motor_cable decimal(6, 3) not null check (motor_cable between 0.1 and 100),
  modify supply_cord decimal(6, 3) not null check (supply_cord between 0.1 and 100);
