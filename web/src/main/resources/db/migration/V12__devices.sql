-- Terminals are written device.mark: the switch is S1, splices are X1, X2 …, and a capacitor's leads are its own tags.
update wire set from_terminal = concat('S1.', substring(from_terminal, 8)) where from_terminal like 'switch.%';
update wire set to_terminal = concat('S1.', substring(to_terminal, 8)) where to_terminal like 'switch.%';
update wire set from_terminal = concat('splice.X', substring(from_terminal, 9)) where from_terminal regexp '^splice\\.S[0-9]+$';
update wire set to_terminal = concat('splice.X', substring(to_terminal, 9)) where to_terminal regexp '^splice\\.S[0-9]+$';
update found_wire set one_end = concat('S1.', substring(one_end, 8)) where one_end like 'switch.%';
update found_wire set other_end = concat('S1.', substring(other_end, 8)) where other_end like 'switch.%';
update plan_wish set kept = replace(kept, 'switch.', 'S1.'), unusable = replace(unusable, 'switch.', 'S1.');

-- a lead that ends nothing but a capacitor is a tag of it
update wire w
join plan p on p.id = w.plan_id
join job j on j.id = p.job_id
join motor m on m.machine_id = j.machine_id
join lead_wire l on l.motor_id = m.id and w.from_terminal = concat('motor.', l.mark)
set w.from_terminal = concat('capacitor.', l.mark)
where not exists (select 1 from lead_end e where e.lead_id = l.id and e.circuit <> 'CAPACITOR')
  and exists (select 1 from lead_end e where e.lead_id = l.id);
update found_wire w
join job j on j.id = w.job_id
join motor m on m.machine_id = j.machine_id
join lead_wire l on l.motor_id = m.id
set w.one_end = if(w.one_end = concat('motor.', l.mark), concat('capacitor.', l.mark), w.one_end),
    w.other_end = if(w.other_end = concat('motor.', l.mark), concat('capacitor.', l.mark), w.other_end)
where (w.one_end = concat('motor.', l.mark) or w.other_end = concat('motor.', l.mark))
  and not exists (select 1 from lead_end e where e.lead_id = l.id and e.circuit <> 'CAPACITOR')
  and exists (select 1 from lead_end e where e.lead_id = l.id);
