-- Up Migration
create table person (
  id uuid primary key,
  name text not null,
  local boolean not null default false
);

create table jar (
  id text primary key,
  name text not null,
  look text not null,
  story text not null,
  sample jsonb not null
);

create table "case" (
  id uuid primary key,
  owner uuid not null references person (id),
  jar text not null references jar (id),
  created_at timestamptz not null default now()
);

create index case_owner on "case" (owner, created_at desc);

create table case_event (
  case_id uuid not null references "case" (id),
  seq integer not null check (seq > 0),
  id uuid not null,
  event jsonb not null,
  who uuid not null references person (id),
  at timestamptz not null,
  hash text not null,
  primary key (case_id, seq),
  unique (case_id, id)
);

create function refuse_change() returns trigger language plpgsql as $$
begin
  raise exception 'case events are appended, never changed';
end $$;

create trigger case_event_append_only before update or delete on case_event
  for each row execute function refuse_change();

-- Down Migration
drop table case_event;
drop function refuse_change();
drop table "case";
drop table jar;
drop table person;
