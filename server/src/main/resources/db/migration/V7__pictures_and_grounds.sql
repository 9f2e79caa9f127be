-- Images that topics show: kept once as they came, and smaller for the screen.
create table picture (
  map_id     uuid    not null references map on delete cascade,
  image      text    not null,
  content_id uuid    not null references content,
  kind       text    not null check (kind in ('PNG', 'JPEG', 'WEBP', 'GIF', 'SVG')),
  width      integer not null,
  height     integer not null,
  screen     bytea,
  primary key (map_id, image)
);
create index picture_content on picture (content_id);

-- The pictures of a topic, in their order, as JSON; null if there are none.
alter table topic add column pictures text;

-- The passages that bear a cross-link out, as JSON, and how its line was bent by hand.
alter table cross_link
  add column grounds    text,
  add column bent_right double precision,
  add column bent_down  double precision,
  add constraint cross_link_bend check ((bent_right is null) = (bent_down is null));

-- Whether cross-links have the colour of the branch that they come from.
alter table map add column tinted boolean not null default false;
