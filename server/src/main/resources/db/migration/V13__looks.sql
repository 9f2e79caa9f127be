-- A topic and a branch may have a look by hand, a place and a width; a map its paper, looks and rules.
alter table topic add column style text;
alter table topic add column below_style text;
update topic set style = '{"ink":"' || ink || '"}' where ink is not null;
alter table topic drop column ink;
alter table topic add column off_left double precision;
alter table topic add column off_top double precision;
alter table topic add column label_width integer;
alter table map add column paper text;
alter table map add column styles text;
