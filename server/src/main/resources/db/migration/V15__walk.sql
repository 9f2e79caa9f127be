-- The topics of a map through which one is led, in order; none for all.
alter table map add column walk uuid[] not null default '{}';
alter table map alter column walk drop default;
