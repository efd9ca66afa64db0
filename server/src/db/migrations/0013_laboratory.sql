-- Up Migration
-- What the laboratory is called, once somebody has opened it.
create table laboratory (
  one boolean primary key default true check (one),
  name text not null,
  opened_at timestamptz not null default now()
);

-- The one-time address by which it is opened, by the SHA-256 of its token.
create table opening (
  token text primary key,
  made_at timestamptz not null default now()
);

-- Acts of those who may do more than others: appended, never changed.
create table audit (
  id bigint generated always as identity primary key,
  at timestamptz not null default now(),
  who uuid,
  name text not null,
  act text not null,
  about text not null
);
create function refuse_audit_change() returns trigger language plpgsql as $$
begin
  raise exception 'lines of the log are appended, never changed';
end $$;
create trigger audit_append_only before update or delete on audit
  for each row execute function refuse_audit_change();

-- Backups that were tried, and what came of them.
create table backup (
  id bigint generated always as identity primary key,
  at timestamptz not null default now(),
  file text not null,
  bytes bigint,
  -- When it was last restored on trial.
  tried_at timestamptz,
  problem text
);

-- Down Migration
drop table backup;
drop table audit;
drop function refuse_audit_change();
drop table opening;
drop table laboratory;
