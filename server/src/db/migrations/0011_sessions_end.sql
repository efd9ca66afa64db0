-- Up Migration
-- A session that ends, however it ends, says so: what listens by it is ended by every server. Empty for what listens without one.
create function tell_session_end() returns trigger language plpgsql as $$
begin
  perform pg_notify('session_end', coalesce(old.token, ''));
  return null;
end $$;
create trigger session_ends after delete on session for each row execute function tell_session_end();

create function tell_accounts_on() returns trigger language plpgsql as $$
begin
  perform pg_notify('session_end', '');
  return null;
end $$;
create trigger accounts_begin after insert on accounts for each row execute function tell_accounts_on();
