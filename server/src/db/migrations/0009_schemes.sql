-- Up Migration
-- Of a paper: what its parts are worth, which its instructor alone sees and may change.
alter table work_set add column scheme jsonb;

-- Down Migration
alter table work_set drop column scheme;
