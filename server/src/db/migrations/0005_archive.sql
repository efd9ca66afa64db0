-- Up Migration
-- A case can be put out of the way; its record stays as it is.
alter table "case" add column archived boolean not null default false;

-- Down Migration
alter table "case" drop column archived;
