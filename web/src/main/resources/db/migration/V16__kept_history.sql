-- A capacitor that is taken off the list stays, with what was measured on it; its name is free for another one.
alter table capacitor
  add column off_at timestamp(3) null,
  add column listed tinyint as (if(off_at is null, 1, null)) virtual;
alter table capacitor
  add unique listed_once (job_id, name, listed),
  drop index job_id;
