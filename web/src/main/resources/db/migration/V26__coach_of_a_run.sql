-- How much of the coach was heard in a run; of runs from before it was kept, and of those welded in silence, nothing.
alter table run add column coach varchar(12) default '' not null;
