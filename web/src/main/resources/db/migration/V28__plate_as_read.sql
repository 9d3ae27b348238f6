-- A plate stays as it was read and seen, whatever later readers make of its text; empty for those saved before.
alter table motor add plate_read text null;
