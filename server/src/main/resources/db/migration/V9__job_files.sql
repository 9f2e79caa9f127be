-- What a job wrote for a person to take, in parts of at most a megabyte; kept for an hour.
create table job_part (
  job_id uuid    not null references job on delete cascade,
  number integer not null,
  bytes  bytea   not null,
  primary key (job_id, number)
);

-- How often a job was begun: one that takes the server down with it is given up.
alter table job add column tries integer not null default 0;
