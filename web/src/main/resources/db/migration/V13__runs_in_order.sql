-- A copy of the shop and a table of the logbook go through all runs from the oldest on, some hundreds at a time.
create index run_in_order on run (started_at, id);
