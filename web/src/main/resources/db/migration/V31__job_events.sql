-- What hands do to the wires of a job, and what an ohmmeter shows of those without a winding in them, is only added to, each thing by its
-- name and not by a row's number. The control circuit and what stands ahead are kept as a whole. Before, they had tables of their own.

create table job_event (
  id bigint primary key auto_increment,
  job_id bigint not null,
  section enum('GEAR', 'CONTROL', 'AHEAD') not null,
  -- a wire by its two ends, or a reading by its key; blank where all readings of the section count no more
  about varchar(200) not null,
  what enum('MADE', 'UNMADE', 'OPEN', 'LOAD', 'JOINED', 'CHANGED') not null,
  at timestamp(3) not null,
  person_id bigint not null,
  key (job_id, id),
  check ((about = '') = (what = 'CHANGED')),
  foreign key (job_id) references job (id) on delete cascade,
  foreign key (person_id) references person (id)
) character set utf8mb4 collate utf8mb4_bin;

insert into job_event (job_id, section, about, what, at, person_id)
select job.id, 'GEAR', concat(from_terminal, '>', to_terminal), 'MADE', made_at, made_by
from job join wire on wire.plan_id = job.plan_id
where made_at is not null
order by made_at, wire.id;

insert into job_event (job_id, section, about, what, at, person_id)
select job_id, 'CONTROL', concat(from_terminal, '>', to_terminal), 'MADE', made_at, made_by from control_wire_made order by made_at;

insert into job_event (job_id, section, about, what, at, person_id)
select job_id, 'AHEAD', concat(from_terminal, '>', to_terminal), 'MADE', made_at, made_by from ahead_wire_made order by made_at;

insert into job_event (job_id, section, about, what, at, person_id)
select job_id, part, about, coalesce(shows, 'CHANGED'), at, person_id from dead_reading order by id;

insert into job_part (job_id, part, json)
select job_id, 'control', concat('{"ladder":', json_quote(ladder), ',"asked":{"restart":', if(restart, 'true', 'false'),
    ',"standstillFirst":', if(standstill_first, 'true', 'false'), '},"wishes":', json_quote(wishes), '}')
from control_circuit;

insert into job_part (job_id, part, json)
select job_id, 'ahead', concat('{"chosen":{', group_concat(concat(
    '"', kind, '":{"stands":"', stands, '","reason":', json_quote(reason), '}') order by kind separator ','), '}}')
from ahead_device group by job_id;

alter table wire drop foreign key wire_ibfk_2, drop column made_at, drop column made_by;
drop table control_circuit, control_wire_made, ahead_device, ahead_wire_made, dead_reading;
