-- The bench is shown a page at a time, newest first; names and notes are looked through without reading whole rows.
drop index job_by_change;
create index job_on_bench on job (deleted_at, created_at desc, id, name, notes);
