-- Runs of like joints are those of the same position too; of runs from before it is not known.
alter table run add column weld_position varchar(40) default '' not null;
