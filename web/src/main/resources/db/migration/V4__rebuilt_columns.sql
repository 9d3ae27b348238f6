-- A column of a diagram that was computed from the other one, not read.
alter table connection add column rebuilt boolean not null default false;
