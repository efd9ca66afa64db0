-- Up Migration
-- A case becomes a document: its events hold what came of them, in a canonical text that their hashes cover; what lists show
-- and the bench to go on from stand beside it. Cases from before are replayed once into the new tables, then dropped.
alter table case_event rename to case_event_before;
alter table case_event_before rename constraint case_event_pkey to case_event_before_pkey;
alter table case_event_before rename constraint case_event_case_id_id_key to case_event_before_id_key;
drop trigger case_event_append_only on case_event_before;
alter table "case" rename to case_before;
alter table case_before rename constraint case_pkey to case_before_pkey;
drop index case_owner;

create table "case" (
  id uuid primary key,
  owner uuid not null references person (id),
  -- What is in the jar, and the salt of its seal; null for a real sample. Never sent to a student.
  sample jsonb,
  salt text,
  seq integer not null check (seq > 0),
  hash text not null,
  digest jsonb not null,
  bench text not null,
  created_at timestamptz not null default now()
) with (fillfactor = 80);

create index case_owner on "case" (owner, created_at desc);

create table bench_vessel (
  case_id uuid not null references "case" (id),
  id text not null,
  state text not null,
  primary key (case_id, id)
) with (fillfactor = 70);

create table case_event (
  case_id uuid not null references "case" (id),
  seq integer not null check (seq > 0),
  id uuid not null,
  body text not null,
  hash text not null,
  primary key (case_id, seq),
  unique (case_id, id)
);

create trigger case_event_append_only before update or delete on case_event
  for each row execute function refuse_change();

-- What was thought of a record is worth keeping only for speed.
create unlogged table reasoning_answer (
  key text primary key,
  answer text not null,
  at timestamptz not null default now()
);

-- Which demo stands in this database, once it is there whole.
create table demo (loaded_at timestamptz not null default now());
insert into demo select now() where exists (select from case_before);

-- Down Migration
drop table demo;
drop table reasoning_answer;
drop table case_event;
drop table bench_vessel;
drop table "case";
alter table case_before rename to "case";
alter table case_event_before rename to case_event;
