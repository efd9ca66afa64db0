-- Up Migration
-- A case may also be worked on a structure that someone set as an unknown; and a person may keep compounds of their own.
alter table "case" add column structure jsonb;
alter table "case" drop constraint case_subject;
alter table "case" add constraint case_subject check (num_nonnulls(jar, real, structure) = 1);

create table own_compound (
  person uuid not null references person (id),
  smiles text not null,
  name text not null,
  melts double precision,
  boils double precision,
  primary key (person, smiles)
);

-- Down Migration
drop table own_compound;
delete from "case" where structure is not null;
alter table "case" drop constraint case_subject;
alter table "case" drop column structure;
alter table "case" add constraint case_subject check ((jar is null) <> (real is null));
