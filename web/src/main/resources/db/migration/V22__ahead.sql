-- What stands between panel and gear, its wires, and what an ohmmeter showed of it and of a control circuit.

create table ahead_device (
  job_id bigint not null,
  kind enum('DISCONNECT', 'FUSES', 'RESIDUAL_CURRENT', 'NO_VOLT_RELEASE', 'OVERLOAD') not null,
  stands enum('FITTED', 'THERE', 'LEFT_OUT') not null,
  -- why one that is needed is left out
  reason varchar(200) not null default '',
  primary key (job_id, kind),
  foreign key (job_id) references job (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;

create table ahead_wire_made (
  job_id bigint not null,
  from_terminal varchar(20) not null,
  to_terminal varchar(20) not null,
  made_at timestamp(3) not null,
  made_by bigint not null,
  primary key (job_id, from_terminal, to_terminal),
  foreign key (job_id) references job (id) on delete cascade,
  foreign key (made_by) references person (id)
) character set utf8mb4 collate utf8mb4_bin;

-- only added to: a later reading corrects an earlier one
create table dead_reading (
  id bigint primary key auto_increment,
  job_id bigint not null,
  part enum('AHEAD', 'CONTROL') not null,
  -- which reading it is; blank where all before it count no more
  about varchar(200) not null,
  shows enum('OPEN', 'LOAD', 'JOINED') null,
  at timestamp(3) not null,
  person_id bigint not null,
  key (job_id, part, id),
  check ((about = '') = (shows is null)),
  foreign key (job_id) references job (id) on delete cascade,
  foreign key (person_id) references person (id)
) character set utf8mb4 collate utf8mb4_bin;
