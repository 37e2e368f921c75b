-- A booth that lost the network sends what happened again until it is answered: its own name for an event tells the second sending from a second event.
alter table run_event add column event_key uuid;
create unique index run_event_by_key on run_event (event_key);
