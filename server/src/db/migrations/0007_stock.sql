-- Up Migration
-- The bottles of a preparation room, with their dates.
create table stock (
  person uuid primary key references person (id),
  items jsonb not null,
  updated_at timestamptz not null default now()
);

-- Down Migration
drop table stock;
