-- A diagram may state no interchange: a motor that turns one way only, or one whose leads alone tell how it is reversed.
alter table connection modify swap_first bigint null;
alter table connection modify swap_second bigint null;
