-- What a job wrote for a person to take, in parts of at most a megabyte; kept for an hour.
create table job_part (
  job_id uuid    not null references job on delete cascade,
  number integer not null,
  bytes  bytea   not null,
  primary key (job_id, number)
);

-- One that takes the server down with it is given up: when it was begun last, and how strongly it is
-- suspected by now.
alter table job
  add column begun_at timestamptz,
  add column suspected integer not null default 0;
