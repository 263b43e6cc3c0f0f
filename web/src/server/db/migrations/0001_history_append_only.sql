-- What was done to a job is never rewritten: rows may be added to its history, not changed or removed.
CREATE FUNCTION refuse_history_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'job_history is append-only';
END;
$$;
--> statement-breakpoint
CREATE TRIGGER job_history_append_only BEFORE UPDATE OR DELETE ON job_history
  FOR EACH ROW EXECUTE FUNCTION refuse_history_change();
