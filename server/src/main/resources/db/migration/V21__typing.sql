-- What is saved again and again while a person types in one field is one change.
alter table revision add column typing uuid;
alter table revision drop constraint revision_state_check;
alter table revision add constraint revision_state_check
  check (state in ('DONE', 'UNDONE', 'REPLACED', 'OVERTAKEN', 'TYPED_ON'));
