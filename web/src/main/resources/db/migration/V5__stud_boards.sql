-- Stud boards: where studs stand, what links and leads were found, and what the diagram shows for each voltage.

create table stud (
  motor_id bigint not null,
  mark varchar(6) not null,
  face_row tinyint not null,
  face_column tinyint not null,
  primary key (motor_id, mark),
  unique (motor_id, face_row, face_column),
  foreign key (motor_id) references motor (id) on delete cascade
);

create table board_layout (
  id bigint primary key auto_increment,
  motor_id bigint not null,
  kind enum('FOUND', 'DIAGRAM') not null,
  volts smallint not null check (volts between 24 and 600),
  unique (motor_id, kind, volts),
  unique (id, motor_id),
  foreign key (motor_id) references motor (id) on delete cascade
);

create table board_link (
  layout_id bigint not null,
  motor_id bigint not null,
  stud_a varchar(6) not null,
  stud_b varchar(6) not null,
  primary key (layout_id, stud_a, stud_b),
  check (stud_a <> stud_b),
  foreign key (layout_id, motor_id) references board_layout (id, motor_id) on delete cascade,
  foreign key (motor_id, stud_a) references stud (motor_id, mark) on delete cascade,
  foreign key (motor_id, stud_b) references stud (motor_id, mark) on delete cascade
);

-- a motor's lead or a line (L1, L2) sits on one stud of a layout
create table board_lead (
  layout_id bigint not null,
  motor_id bigint not null,
  lead varchar(12) not null,
  stud varchar(6) not null,
  primary key (layout_id, lead),
  foreign key (layout_id, motor_id) references board_layout (id, motor_id) on delete cascade,
  foreign key (motor_id, stud) references stud (motor_id, mark) on delete cascade
);
