-- What is kept of a job as a whole is one row a part: docs/decisions/64. Before, each of these had tables of its own.

create table job_part (
  job_id bigint not null,
  part varchar(40) not null,
  json mediumtext not null check (json_valid(json)),
  primary key (job_id, part),
  foreign key (job_id) references job (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;

insert into job_part (job_id, part, json)
select job_id, 'cables', concat('{"motorCableMetres":', motor_cable, ',"supplyCordMetres":', supply_cord, '}')
from cable_lengths;

insert into job_part (job_id, part, json)
select job_id, 'run', concat('{"metres":', metres, ',"presentPlug":', json_quote(present_plug), '}')
from job_supply;

-- terminals stood with spaces between them, wires as from>to
insert into job_part (job_id, part, json)
select job_id, 'wishes', concat(
    '{"everyHotBroken":', if(every_hot_broken, 'true', 'false'),
    ',"wholeCurrentProtected":', if(whole_current_protected, 'true', 'false'),
    ',"mostConductors":', coalesce(most_conductors, 'null'),
    ',"unusable":', if(trim(unusable) = '', '[]', concat('[', replace(json_quote(trim(unusable)), ' ', '","'), ']')),
    ',"kept":', if(trim(kept) = '', '[]', concat('[{"from":',
        replace(replace(json_quote(trim(kept)), '>', '","to":"'), ' ', '","run":"MOTOR_CABLE"},{"from":"'),
        ',"run":"MOTOR_CABLE"}]')),
    '}')
from plan_wish;

-- a machine from before there were machines is told by its motion
insert into job_part (job_id, part, json)
select job_id, 'rotation', concat(
    '{"machine":{"tool":"', case
        when machine in ('LATHE', 'DRILL', 'MILL', 'TABLE_SAW', 'BAND_SAW', 'GRINDER', 'FAN', 'COMPRESSOR', 'PUMP', 'HOIST',
            'AUGER', 'CONVEYOR', 'ROLLER', 'WHEEL', 'DOOR', 'WINDER', 'CRUSHER') then machine
        when motion in ('LATHE', 'DRILL', 'MILL', 'BAND_SAW') then motion
        when motion in ('SAW_LEFT', 'SAW_RIGHT') then 'TABLE_SAW'
        when motion in ('GRINDER_LEFT', 'GRINDER_RIGHT') then 'GRINDER'
        when motion in ('AUGER_AWAY', 'AUGER_TOWARDS') then 'AUGER'
        when motion in ('BELT_LEFT', 'BELT_RIGHT') then 'CONVEYOR'
        when motion in ('WHEEL_CLOCKWISE', 'WHEEL_COUNTER') then 'WHEEL'
        else 'OTHER' end,
    '","ways":{"work":', json_quote(work_word), ',"back":', json_quote(back_word), '}}',
    ',"motion":"', if(motion in ('LATHE', 'DRILL', 'MILL', 'BAND_SAW', 'SAW_LEFT', 'SAW_RIGHT', 'GRINDER_LEFT', 'GRINDER_RIGHT',
        'AUGER_AWAY', 'AUGER_TOWARDS', 'BELT_LEFT', 'BELT_RIGHT', 'WHEEL_CLOCKWISE', 'WHEEL_COUNTER'), motion, 'SEEN'),
    '","tool":"', tool,
    '","train":{"stages":[', coalesce((
        select group_concat(concat('{"kind":"', kind, '","driver":', driver, ',"driven":', driven, ',"turned":',
            if(turned, 'true', 'false'), '}') order by number separator ',')
        from drive_stage where drive_stage.job_id = rotation_plan.job_id), ''),
    '],"shaftPointsLikeTool":', if(shaft_like_tool, 'true', 'false'),
    '},"bothWays":', if(both_ways, 'true', 'false'),
    ',"hazards":[', coalesce((
        select group_concat(concat('"', hazard, '"')
            order by field(hazard, 'SCREWED_ON', 'ONE_WAY_PUMP', 'ONE_WAY_GEARBOX', 'BLADE', 'OIL_PUMP', 'FAN') separator ',')
        from reverse_hazard where reverse_hazard.job_id = rotation_plan.job_id), ''),
    '],"secured":', if(secured, 'true', 'false'),
    ',"coastSeconds":', coalesce(coast_seconds, 'null'),
    ',"momentary":', if(momentary, 'true', 'false'), '}')
from rotation_plan;

insert into job_part (job_id, part, json)
select job_id, 'found', concat('{"nothingConnected":', if(nothing_connected, 'true', 'false'), ',"wires":[', coalesce((
    select group_concat(concat('{"number":', number, ',"mark":', json_quote(mark), ',"colour":', json_quote(colour),
        ',"bands":', bands, ',"oneEnd":', json_quote(one_end), ',"otherEnd":', json_quote(other_end),
        ',"aside":', json_quote(aside), '}') order by number separator ',')
    from found_wire where found_wire.job_id = found_record.job_id), ''), ']}')
from found_record;

drop table found_wire;
drop table found_record;
drop table reverse_hazard;
drop table drive_stage;
drop table rotation_plan;
drop table plan_wish;
drop table cable_lengths;
drop table job_supply;

-- a part is known by its key
update part_version set part = lower(replace(part, '_', '-'));

-- a gate more is no matter of the tables
alter table pin modify gate varchar(20) not null;
