-- Switches mapped with a buzzer, what a person wishes of a plan, what the wires of a plan need, and costs the planner now knows.

alter table plan
  add column beside_protector smallint not null default 0,
  add column beyond_diagram smallint not null default 0;

alter table switch_device
  add column has_off boolean not null default true;
alter table switch_terminal add column worn boolean not null default false;

-- jumpers fitted on a switch that can come out
create table switch_link (
  switch_id bigint not null,
  terminal_a bigint not null,
  terminal_b bigint not null,
  primary key (switch_id, terminal_a, terminal_b),
  check (terminal_a <> terminal_b),
  foreign key (terminal_a, switch_id) references switch_terminal (id, switch_id) on delete cascade,
  foreign key (terminal_b, switch_id) references switch_terminal (id, switch_id) on delete cascade
);

create table plan_wish (
  job_id bigint primary key,
  every_hot_broken boolean not null,
  whole_current_protected boolean not null,
  most_conductors smallint check (most_conductors between 1 and 20),
  unusable varchar(120) not null,
  kept varchar(240) not null,
  foreign key (job_id) references job (id) on delete cascade
);

-- the cables of a job, m
create table cable_lengths (
  job_id bigint primary key,
  motor_cable decimal(5, 1) not null check (motor_cable between 0.1 and 100),
  supply_cord decimal(5, 1) not null check (supply_cord between 0.1 and 100),
  foreign key (job_id) references job (id) on delete cascade
);

-- a switch being mapped; another face is another row, the newest counts
create table switch_map (
  id bigint primary key auto_increment,
  job_id bigint not null,
  name varchar(80) not null,
  face varchar(200) not null,
  has_off boolean not null,
  spring_return boolean not null,
  pairs_only boolean not null,
  links varchar(120) not null,
  version int not null default 0,
  foreign key (job_id) references job (id) on delete cascade
);

-- what a simulated meter finds
create table hidden_switch (
  job_id bigint not null,
  position enum('FORWARD', 'OFF', 'REVERSE') not null,
  contacts varchar(200) not null,
  worn varchar(120) not null,
  primary key (job_id, position),
  foreign key (job_id) references job (id) on delete cascade
);

-- what the buzzer said; never changed, never deleted: a correction is a new row
create table switch_buzz (
  id bigint primary key auto_increment,
  map_id bigint not null,
  position enum('FORWARD', 'OFF', 'REVERSE') not null,
  terminal_a varchar(4) not null,
  terminal_b varchar(4) not null,
  result enum('CLOSED', 'OPEN', 'SOMETIMES') not null,
  at timestamp(3) not null,
  check (terminal_a <> terminal_b),
  foreign key (map_id) references switch_map (id) on delete cascade
);
