-- The practice yard: who practises, what they did to which exercise, and how it went.

create table practice_person (
  id bigint primary key auto_increment,
  name varchar(60) not null,
  made_at timestamp(3) not null,
  unique key (name)
) character set utf8mb4 collate utf8mb4_bin;

create table practice_attempt (
  id bigint primary key auto_increment,
  person_id bigint not null,
  -- the exercise's number, from which it is made again
  level varchar(20) not null,
  grade varchar(10) not null,
  seed int not null check (seed > 0),
  begun_at timestamp(3) not null,
  ended_at timestamp(3) null,
  hints int not null default 0 check (hints >= 0),
  gave_up boolean not null default false,
  points int null check (points between 0 and 100),
  solved boolean not null default false,
  check ((ended_at is null) = (points is null)),
  key (person_id, level, grade, seed, id),
  foreign key (person_id) references practice_person (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;

create table practice_act (
  attempt_id bigint not null,
  step int not null check (step >= 0),
  tool varchar(40) not null,
  one varchar(80) not null default '',
  other varchar(80) not null default '',
  primary key (attempt_id, step),
  foreign key (attempt_id) references practice_attempt (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;

create table practice_answer (
  attempt_id bigint not null,
  field varchar(40) not null,
  given varchar(200) not null,
  primary key (attempt_id, field),
  foreign key (attempt_id) references practice_attempt (id) on delete cascade
) character set utf8mb4 collate utf8mb4_bin;
