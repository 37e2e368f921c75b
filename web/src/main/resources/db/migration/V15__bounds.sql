-- A row for each list that has a most: who adds to the list holds its row, so that two at once are counted one after the other.
create table list_bound (
    name varchar(40) primary key
);
insert into list_bound (name) values ('MACHINES'), ('TORCHES'), ('METERS'), ('DEVICES');
