-- What is stamped on a job's switch, and switches whose handle springs back.
alter table switch_device add column spring_return boolean not null default false;
alter table job add column switch_rating varchar(120) not null default '';

-- shops that are there already get the new kinds, too
insert into switch_device (shop_id, kind, name, hint, spring_return)
select id, 'tpdt-centre-off', '3PDT toggle, centre off', 'Nine terminals, the commons in the middle row.', false from shop;
insert into switch_terminal (switch_id, mark, face_row, face_column)
select d.id, n.mark, (n.mark - 1) div 3, (n.mark - 1) mod 3
from switch_device d
join (select 1 as mark union select 2 union select 3 union select 4 union select 5 union select 6 union select 7
      union select 8 union select 9) n
where d.kind = 'tpdt-centre-off'
order by d.id, n.mark;
insert into switch_contact (switch_id, position, terminal_a, terminal_b)
select a.switch_id, if(b.mark < 4, 'FORWARD', 'REVERSE'), a.id, b.id
from switch_terminal a
join switch_terminal b on b.switch_id = a.switch_id and (b.mark = a.mark - 3 or b.mark = a.mark + 3)
join switch_device d on d.id = a.switch_id
where d.kind = 'tpdt-centre-off' and a.mark in ('4', '5', '6');

insert into switch_device (shop_id, kind, name, hint, spring_return)
select id, 'cross-corner-drum-spring', 'Cross-corner drum, spring return',
  'As the cross-corner drum, but the handle springs back to the middle.', true from shop;
insert into switch_terminal (switch_id, mark, face_row, face_column)
select d.id, n.mark, (n.mark - 1) div 2, (n.mark - 1) mod 2
from switch_device d
join (select 1 as mark union select 2 union select 3 union select 4 union select 5 union select 6) n
where d.kind = 'cross-corner-drum-spring'
order by d.id, n.mark;
insert into switch_contact (switch_id, position, terminal_a, terminal_b)
select a.switch_id, p.position, a.id, b.id
from (select 'FORWARD' as position, '1' as one, '3' as other union select 'FORWARD', '2', '4'
      union select 'FORWARD', '5', '6' union select 'REVERSE', '1', '2' union select 'REVERSE', '3', '4'
      union select 'REVERSE', '5', '6') p
join switch_terminal a on a.mark = p.one
join switch_terminal b on b.switch_id = a.switch_id and b.mark = p.other
join switch_device d on d.id = a.switch_id
where d.kind = 'cross-corner-drum-spring';
