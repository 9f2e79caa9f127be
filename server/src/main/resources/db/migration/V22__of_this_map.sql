-- What a map refers to is of this map, and the database itself says so.
delete from evidence e
  where not exists (select 1 from source s where s.id = e.source_id and s.map_id = e.map_id);
delete from topic_extent x
  where not exists (select 1 from source s where s.id = x.source_id and s.map_id = x.map_id);

alter table source add constraint source_of_map unique (map_id, id);
alter table topic add constraint topic_of_map unique (map_id, id);

alter table evidence drop constraint evidence_source_id_fkey;
alter table evidence add constraint evidence_source_of_map
  foreign key (map_id, source_id) references source (map_id, id);
alter table topic_extent drop constraint topic_extent_source_id_fkey;
alter table topic_extent add constraint topic_extent_source_of_map
  foreign key (map_id, source_id) references source (map_id, id);

alter table evidence drop constraint evidence_topic_id_fkey;
alter table evidence add constraint evidence_topic_of_map
  foreign key (map_id, topic_id) references topic (map_id, id) on delete cascade;
alter table topic drop constraint topic_parent_id_fkey;
alter table topic add constraint topic_parent_of_map
  foreign key (map_id, parent_id) references topic (map_id, id) deferrable initially deferred;
alter table cross_link drop constraint cross_link_from_id_fkey;
alter table cross_link add constraint cross_link_from_of_map
  foreign key (map_id, from_id) references topic (map_id, id) on delete cascade;
alter table cross_link drop constraint cross_link_to_id_fkey;
alter table cross_link add constraint cross_link_to_of_map
  foreign key (map_id, to_id) references topic (map_id, id) on delete cascade;
