-- The outlets a shop has.
create table shop_outlet (
  shop_id bigint not null,
  outlet varchar(60) not null,
  primary key (shop_id, outlet),
  foreign key (shop_id) references shop (id) on delete cascade
);
