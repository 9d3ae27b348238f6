-- Who saves a shop says which state of it stood on the page.
alter table shop add version int not null default 0 check (version >= 0);
