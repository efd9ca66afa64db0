-- Up Migration
-- Photos beside the record, by the hash that their event names; re-encoded, so that nothing but pixels is kept.
create table photo (
  case_id uuid not null references "case" (id),
  hash text not null,
  width integer not null,
  height integer not null,
  pixels bytea not null,
  thumbnail bytea not null,
  primary key (case_id, hash)
);
-- Pixels are packed already.
alter table photo alter column pixels set storage external;
alter table photo alter column thumbnail set storage external;

-- What entries and reports say, in words, to be searched.
create table case_text (
  case_id uuid not null references "case" (id),
  seq integer not null,
  -- Of the entry; null for a report.
  number integer,
  words text not null,
  found tsvector generated always as (to_tsvector('english', words)) stored,
  primary key (case_id, seq)
);
create index case_text_found on case_text using gin (found);

-- Where a case that was taken in came from.
alter table "case" add column taken_in jsonb;

-- A case goes whole, by this door alone: single events can be neither changed nor taken away.
create or replace function refuse_change() returns trigger language plpgsql as $$
begin
  if tg_op = 'DELETE' and current_setting('foxing.dropping', true) = old.case_id::text then
    return old;
  end if;
  raise exception 'case events are appended, never changed';
end $$;

create function drop_case(gone uuid) returns void language plpgsql security definer set search_path = public as $$
begin
  perform set_config('foxing.dropping', gone::text, true);
  delete from photo where case_id = gone;
  delete from case_text where case_id = gone;
  delete from bench_vessel where case_id = gone;
  delete from case_event where case_id = gone;
  delete from "case" where id = gone;
  perform set_config('foxing.dropping', '', true);
end $$;
revoke execute on function drop_case(uuid) from public;

-- Down Migration
drop function drop_case(uuid);
create or replace function refuse_change() returns trigger language plpgsql as $$
begin
  raise exception 'case events are appended, never changed';
end $$;
alter table "case" drop column taken_in;
drop table case_text;
drop table photo;
