-- Up Migration
-- Dealt from a jar of the cabinet: what it is, its instructor is told when it is reported.
alter table "case" add column from_jar boolean not null default false;
