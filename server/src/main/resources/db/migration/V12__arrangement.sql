-- A map, and each of its branches, may be laid out in its own way; a map has one of several themes.
alter table map add column arrangement text;
update map set arrangement =
  '{"layout":"' || layout || '","lines":null,"spacing":null,"labels":null,"fan":null}'
where layout <> 'BRACES';
alter table map drop column layout;
alter table map add column theme text not null default 'VELLUM';
alter table map alter column theme drop default;
alter table topic add column arrangement text;
