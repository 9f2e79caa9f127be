-- A person may look at a branch as if it were the whole.
alter table map_view add column focus uuid;
