-- What the sentences of a text mean, as an encoder told it when the text was read.
create table source_vectors (
  text_id uuid primary key references source_text (id) on delete cascade,
  bytes bytea not null
);
