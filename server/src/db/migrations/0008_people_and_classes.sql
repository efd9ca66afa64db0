-- Up Migration
-- People have roles. Who has a login may sign in, once accounts are on; until then the local person needs none.
alter table person add column role text not null default 'student' check (role in ('student', 'instructor', 'keeper'));
alter table person add column login text unique;
-- Salted and memory-hard; null for who cannot sign in.
alter table person add column passphrase text;
-- Made up for the demo: whoever sits at this machine may be them.
alter table person add column made_up boolean not null default false;
update person set role = 'keeper' where local;

-- There is a row once accounts are on.
create table accounts (one boolean primary key default true check (one), since timestamptz not null default now());

-- By the SHA-256 of the token that the browser holds.
create table session (
  token text primary key,
  person uuid not null references person (id),
  created_at timestamptz not null default now(),
  used_at timestamptz not null default now()
);
create index session_person on session (person);

-- Failed attempts to sign in or to guess a code, for the limits on guessing.
create table failed_attempt (whom text not null, at timestamptz not null default now());
create index failed_attempt_whom on failed_attempt (whom, at);

create table class (
  id uuid primary key,
  name text not null,
  instructor uuid not null references person (id),
  -- Of the invitation in force; null when nobody can join.
  code text unique,
  created_at timestamptz not null default now(),
  gone boolean not null default false
);
create index class_instructor on class (instructor);

create table class_member (
  class_id uuid not null references class (id),
  person uuid not null references person (id),
  joined_at timestamptz not null default now(),
  primary key (class_id, person)
);
create index class_member_person on class_member (person);

-- Work that was set: sealed unknowns for everybody in a class.
create table work_set (
  id uuid primary key,
  class_id uuid not null references class (id),
  title text not null,
  -- Tests that may be done (null: all), whether Foxing's reasoning may be seen, minutes.
  terms jsonb not null,
  closes_at timestamptz,
  created_at timestamptz not null default now(),
  gone boolean not null default false
);
create index work_set_class on work_set (class_id);

alter table "case" add column work_set uuid references work_set (id);
create index case_work_set on "case" (work_set) where work_set is not null;

-- Down Migration
alter table "case" drop column work_set;
drop table work_set;
drop table class_member;
drop table class;
drop table failed_attempt;
drop table session;
drop table accounts;
alter table person drop column made_up, drop column passphrase, drop column login, drop column role;
