-- What was measured in a photograph, as JSON of its own format.
alter table run_photo add column measured varchar(20000);
