-- What is known of a motor is kept as a whole, a row a part, and goes where the motor goes: docs/decisions/64. Before, plate, traces,
-- leads, diagram and stud board had tables of their own.

create table motor_part (
  motor_id bigint not null,
  part varchar(40) not null,
  json mediumtext not null check (json_valid(json)),
  primary key (motor_id, part),
  foreign key (motor_id) references motor (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;

insert into motor_part (motor_id, part, json)
select id, 'plate', plate_read from motor where output <> '' and plate_read is not null;

-- one that was saved before plates stayed as they were read: its figures as they stand
insert into motor_part (motor_id, part, json)
select id, 'plate', concat(
    '{"ratedOutputWatts":', watts, ',"outputAsWritten":', json_quote(concat(output, ' ', output_unit)),
    ',"ratings":[', (
        select group_concat(concat('{"volts":', volts, ',"amps":', coalesce(amps, 'null'), '}') order by volts separator ',')
        from motor_rating where motor_rating.motor_id = id),
    '],"hertz":', hertz, ',"rpm":', rpm,
    ',"extras":{"family":', coalesce(concat('"', family, '"'), 'null'), ',"code":', coalesce(concat('"', code_letter, '"'), 'null'),
    ',"startMicrofarads":', coalesce(start_microfarads, 'null'), ',"runMicrofarads":', coalesce(run_microfarads, 'null'),
    ',"text":', json_quote(plate_text), '}}')
from (
    select motor.*,
        (if(written like '%/%',
            if(before_slash regexp '^[0-9]+[ -]+[0-9]+$', regexp_substr(before_slash, '^[0-9]+') * 1e0, 0e0)
                + regexp_substr(before_slash, '[0-9]+$') * 1e0 / regexp_substr(substring_index(written, '/', -1), '[0-9]+'),
            written * 1e0)
        * if(output_unit = 'kW', 1000e0, 745.7e0)) as watts
    from (
        select motor.*, trim(substring_index(written, '/', 1)) as before_slash
        from (
            select motor.*, trim(replace(regexp_replace(lower(output), '[ ]*(hp|kw)$', ''), ',', '.')) as written from motor
        ) motor
    ) motor
) motor
where output <> '' and plate_read is null and watts > 0 and hertz > 0 and rpm > 0
  and exists (select 1 from motor_rating where motor_rating.motor_id = id);

insert into motor_part (motor_id, part, json)
select motor_id, 'traces', concat(
    '{"volts":', json_quote(volts), ',"shaft":', json_quote(shaft), ',"height":', json_quote(height),
    ',"startMicrofarads":', json_quote(start_microfarads), ',"runMicrofarads":', json_quote(run_microfarads),
    ',"conductor":', json_quote(conductor), ',"idleAmps":', json_quote(idle_amps), ',"rpm":', json_quote(rpm),
    ',"family":', json_quote(family), '}')
from plate_trace;

-- group 1 is on L1, group 2 on L2, the others are joined among themselves
insert into motor_part (motor_id, part, json)
select id, 'diagram', concat('{"leads":{"all":[', (
    select group_concat(concat('{"mark":', json_quote(mark), ',"colour":', json_quote(colour), ',"ends":[', coalesce((
            select group_concat(concat('{"role":"', circuit, '","number":', winding_number, ',"like":', if(like_end, 'true', 'false'), '}')
                order by circuit, winding_number separator ',')
            from lead_end where lead_end.lead_id = lead_wire.id), ''), ']}')
        order by mark separator ',')
    from lead_wire where lead_wire.motor_id = motor.id),
    ']},"columns":{', coalesce((
    select group_concat(concat('"', volts, '":{"connection":{"volts":', volts,
        ',"line1":[', coalesce((select group_concat(json_quote(mark) order by mark separator ',') from connection_lead
            join lead_wire on lead_wire.id = lead_id where connection_id = connection.id and group_number = 1), ''),
        '],"line2":[', coalesce((select group_concat(json_quote(mark) order by mark separator ',') from connection_lead
            join lead_wire on lead_wire.id = lead_id where connection_id = connection.id and group_number = 2), ''),
        '],"joined":[', coalesce((select group_concat(marks order by group_number separator ',') from (
            select connection_id, group_number, concat('[', group_concat(json_quote(mark) order by mark separator ','), ']') as marks
            from connection_lead join lead_wire on lead_wire.id = lead_id where group_number > 2
            group by connection_id, group_number) joined where joined.connection_id = connection.id), ''),
        '],"swap":{"first":', json_quote(coalesce(first.mark, '')), ',"second":', json_quote(coalesce(second.mark, '')),
        '}},"rotation":{"direction":"', rotation, '","seenFrom":"', seen_from, '"},"rebuilt":', if(rebuilt, 'true', 'false'), '}')
        order by volts separator ',')
    from connection
    left join lead_wire first on first.id = swap_first
    left join lead_wire second on second.id = swap_second
    where connection.motor_id = motor.id), ''), '}}')
from motor
where exists (select 1 from lead_wire where lead_wire.motor_id = motor.id);

insert into motor_part (motor_id, part, json)
select found.motor_id, 'board', concat('{"studs":{"rows":[', (
    select group_concat(marks order by face_row separator ',') from (
        select motor_id, face_row, concat('[', group_concat(json_quote(mark) order by face_column separator ','), ']') as marks
        from stud group by motor_id, face_row) its where its.motor_id = found.motor_id),
    ']},"foundVolts":', found.volts, ',"found":', found.json, ',"diagram":{', coalesce((
    select group_concat(concat('"', shown.volts, '":', shown.json) order by shown.volts separator ',') from (
        select motor_id, kind, volts, concat('{"links":[', coalesce((
                select group_concat(concat('{"a":', json_quote(stud_a), ',"b":', json_quote(stud_b), '}') order by stud_a, stud_b separator ',')
                from board_link where layout_id = board_layout.id), ''),
            '],"leads":{', coalesce((
                select group_concat(concat(json_quote(lead), ':', json_quote(stud)) order by lead separator ',')
                from board_lead where layout_id = board_layout.id), ''), '}}') as json
        from board_layout) shown where shown.motor_id = found.motor_id and shown.kind = 'DIAGRAM'), ''), '}}')
from (
    select motor_id, kind, volts, concat('{"links":[', coalesce((
            select group_concat(concat('{"a":', json_quote(stud_a), ',"b":', json_quote(stud_b), '}') order by stud_a, stud_b separator ',')
            from board_link where layout_id = board_layout.id), ''),
        '],"leads":{', coalesce((
            select group_concat(concat(json_quote(lead), ':', json_quote(stud)) order by lead separator ',')
            from board_lead where layout_id = board_layout.id), ''), '}}') as json
    from board_layout where kind = 'FOUND'
) found
where exists (select 1 from stud where stud.motor_id = found.motor_id);

drop table connection_lead;
drop table connection;
drop table lead_end;
drop table lead_wire;
drop table motor_rating;
drop table plate_trace;
drop table board_lead;
drop table board_link;
drop table board_layout;
drop table stud;

alter table motor
  drop column output,
  drop column output_unit,
  drop column hertz,
  drop column rpm,
  drop column family,
  drop column code_letter,
  drop column start_microfarads,
  drop column run_microfarads,
  drop column plate_text,
  drop column plate_read;
