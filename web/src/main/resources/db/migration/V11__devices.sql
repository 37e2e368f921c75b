-- Tablets and phones of the shop that may reach the program over its network, each by a key of its own. What is kept is the key's digest.
create table device (
    id uuid primary key,
    name varchar(60) not null,
    digest varchar(64) not null unique,
    read_only boolean not null,
    paired_at timestamp(6) with time zone not null,
    seen_at timestamp(6) with time zone
);
