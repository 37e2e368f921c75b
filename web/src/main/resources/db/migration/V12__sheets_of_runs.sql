-- Which sheet a run was welded by is known without reading its record: the sheet goes with the last run of it.
alter table run_record add column sheet_id uuid;
update run_record set sheet_id = cast(regexp_substr(record, '"sheet":"([0-9a-fA-F-]{36})"', 1, 1, null, 1) as uuid);
create index record_of_sheet on run_record (sheet_id);
-- Not where a record cannot be read: its sheet may be one of those.
delete from run_sheet where id not in (select sheet_id from run_record where sheet_id is not null)
    and not exists (select 1 from run_record where sheet_id is null);
