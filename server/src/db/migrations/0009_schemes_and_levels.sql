-- Up Migration
-- Of a paper: what its parts are worth, which its instructor alone sees and may change.
alter table work_set add column scheme jsonb;
-- How hard it is to find out what is in it, beside all that is known.
alter table jar add column level text;

-- Down Migration
alter table jar drop column level;
alter table work_set drop column scheme;
