-- Up Migration
-- Attempts to sign in or to guess a code, counted before anything is compared; those that succeeded are taken out again.
drop table failed_attempt;
create table attempt (id bigint generated always as identity primary key, whom text not null, at timestamptz not null default now());
create index attempt_whom on attempt (whom, at);
create index attempt_at on attempt (at);

-- Browsers from which somebody has signed in before, by the SHA-256 of what they hold: a stranger's guesses are not counted against them.
create table known_device (
  token text not null,
  person uuid not null references person (id) on delete cascade,
  used_at timestamptz not null default now(),
  primary key (token, person)
);

-- Who gave somebody a new passphrase, until they choose their own.
alter table person add column passphrase_by uuid references person (id);
alter table person add column passphrase_at timestamptz;
