-- Up Migration
-- A case is worked on a jar of the cabinet, or on a real sample that only its owner has before them.
alter table "case" alter column jar drop not null;
alter table "case" add column real jsonb;
alter table "case" add constraint case_subject check ((jar is null) <> (real is null));

create table house_rules (
  person uuid primary key references person (id),
  rules jsonb not null,
  updated_at timestamptz not null default now()
);

-- Down Migration
drop table house_rules;
delete from "case" where jar is null;
alter table "case" drop constraint case_subject;
alter table "case" drop column real;
alter table "case" alter column jar set not null;
