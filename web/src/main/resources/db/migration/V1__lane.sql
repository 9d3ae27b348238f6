-- The lane of a job: shop, machine, motor, diagram, switch, plan, wires, pins and the log.

create table shop (
  id bigint primary key auto_increment,
  name varchar(80) not null unique,
  region enum('NORTH_AMERICA', 'IEC') not null
);

create table person (
  id bigint primary key auto_increment,
  shop_id bigint not null,
  name varchar(80) not null,
  unique (shop_id, name),
  foreign key (shop_id) references shop (id)
);

create table machine (
  id bigint primary key auto_increment,
  shop_id bigint not null,
  name varchar(80) not null,
  note varchar(400) not null,
  unique (shop_id, name),
  unique (id, shop_id),
  foreign key (shop_id) references shop (id)
);

create table motor (
  id bigint primary key auto_increment,
  shop_id bigint not null,
  machine_id bigint not null unique,
  output varchar(20) not null,
  output_unit enum('hp', 'kW') not null,
  hertz smallint not null check (hertz in (0, 50, 60)),
  rpm smallint not null check (rpm between 0 and 3600),
  version int not null default 0,
  unique (id, shop_id),
  foreign key (shop_id) references shop (id),
  foreign key (machine_id, shop_id) references machine (id, shop_id)
);

create table motor_rating (
  motor_id bigint not null,
  volts smallint not null check (volts between 24 and 600),
  amps decimal(6, 2) check (amps > 0),
  primary key (motor_id, volts),
  foreign key (motor_id) references motor (id) on delete cascade
);

create table lead_wire (
  id bigint primary key auto_increment,
  motor_id bigint not null,
  mark varchar(12) not null,
  colour varchar(30) not null,
  circuit enum('RUN', 'START', 'PROTECTOR') not null,
  winding_number tinyint not null check (winding_number in (1, 2)),
  like_end boolean not null,
  unique (motor_id, mark),
  unique (id, motor_id),
  foreign key (motor_id) references motor (id) on delete cascade
);

-- one column of the diagram
create table connection (
  id bigint primary key auto_increment,
  motor_id bigint not null,
  volts smallint not null check (volts between 24 and 600),
  rotation enum('NOT_STATED', 'CLOCKWISE', 'COUNTER_CLOCKWISE') not null,
  seen_from enum('SHAFT_END', 'OPPOSITE_END') not null,
  swap_first bigint not null,
  swap_second bigint not null,
  unique (motor_id, volts),
  unique (id, motor_id),
  check (swap_first <> swap_second),
  foreign key (motor_id) references motor (id) on delete cascade,
  foreign key (swap_first, motor_id) references lead_wire (id, motor_id) on delete cascade,
  foreign key (swap_second, motor_id) references lead_wire (id, motor_id) on delete cascade
);

-- a lead stands in one group of a column at most; group 1 is L1, group 2 is L2, from 3 on joined and insulated
create table connection_lead (
  connection_id bigint not null,
  motor_id bigint not null,
  lead_id bigint not null,
  group_number tinyint not null check (group_number between 1 and 20),
  primary key (connection_id, lead_id),
  foreign key (connection_id, motor_id) references connection (id, motor_id) on delete cascade,
  foreign key (lead_id, motor_id) references lead_wire (id, motor_id) on delete cascade
);

create table switch_device (
  id bigint primary key auto_increment,
  shop_id bigint not null,
  kind varchar(40) not null,
  name varchar(80) not null,
  hint varchar(300) not null,
  unique (shop_id, kind),
  unique (id, shop_id),
  foreign key (shop_id) references shop (id)
);

create table switch_terminal (
  id bigint primary key auto_increment,
  switch_id bigint not null,
  mark varchar(12) not null,
  face_row tinyint not null,
  face_column tinyint not null,
  unique (switch_id, mark),
  unique (switch_id, face_row, face_column),
  unique (id, switch_id),
  foreign key (switch_id) references switch_device (id) on delete cascade
);

create table switch_contact (
  switch_id bigint not null,
  position enum('FORWARD', 'OFF', 'REVERSE') not null,
  terminal_a bigint not null,
  terminal_b bigint not null,
  primary key (switch_id, position, terminal_a, terminal_b),
  check (terminal_a <> terminal_b),
  foreign key (terminal_a, switch_id) references switch_terminal (id, switch_id) on delete cascade,
  foreign key (terminal_b, switch_id) references switch_terminal (id, switch_id) on delete cascade
);

create table job (
  id bigint primary key auto_increment,
  shop_id bigint not null,
  machine_id bigint not null unique,
  volts smallint check (volts between 24 and 600),
  supply_kind enum('TWO_HOT', 'HOT_AND_NEUTRAL') not null,
  switch_id bigint,
  plan_id bigint,
  version int not null default 0,
  unique (id, shop_id),
  foreign key (machine_id, shop_id) references machine (id, shop_id),
  foreign key (switch_id, shop_id) references switch_device (id, shop_id)
);

-- a chosen plan; an older one stays for the record
create table plan (
  id bigint primary key auto_increment,
  job_id bigint not null,
  name varchar(120) not null,
  hot_leads_in_off smallint not null,
  hot_lines_unbroken smallint not null,
  neutral_switched smallint not null,
  conductors smallint not null,
  jumpers smallint not null,
  most_on_one_terminal smallint not null,
  chosen_at timestamp(3) not null,
  unique (id, job_id),
  foreign key (job_id) references job (id) on delete cascade
);

alter table job add foreign key (plan_id, id) references plan (id, job_id);

create table wire (
  id bigint primary key auto_increment,
  plan_id bigint not null,
  step smallint not null,
  from_terminal varchar(24) not null,
  to_terminal varchar(24) not null,
  run enum('MOTOR_BOX', 'MOTOR_CABLE', 'SWITCH_BOX', 'SUPPLY_CABLE') not null,
  made_at timestamp(3) null,
  made_by bigint,
  unique (plan_id, step),
  unique (plan_id, from_terminal, to_terminal),
  foreign key (plan_id) references plan (id) on delete cascade,
  foreign key (made_by) references person (id)
);

create table pin (
  job_id bigint not null,
  gate enum('PLATE', 'DIAGRAM', 'SWITCH', 'WIRE') not null,
  state enum('HELD', 'PULLED', 'OVERRIDDEN', 'DROPPED') not null,
  reason varchar(500) not null,
  primary key (job_id, gate),
  foreign key (job_id) references job (id) on delete cascade
);

-- what happened; never changed, never deleted
create table log_entry (
  id bigint primary key auto_increment,
  shop_id bigint not null,
  job_id bigint not null,
  person_id bigint not null,
  at timestamp(3) not null,
  kind enum('OPENED', 'SAVED', 'PULLED', 'OVERRIDDEN', 'DROPPED', 'MADE', 'UNMADE') not null,
  words varchar(600) not null,
  key (job_id, id),
  foreign key (job_id, shop_id) references job (id, shop_id),
  foreign key (person_id) references person (id)
);
