-- How the shop works: one row. Only ever read whole.
create table shop (
    id int primary key,
    version bigint not null,
    ways_format int not null,
    ways varchar(16000) not null
);
