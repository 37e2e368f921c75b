-- The shop's own qualified procedures, by number.
create table weld_procedure (
    id uuid primary key,
    version bigint not null,
    number varchar(40) not null unique,
    content varchar(40000) not null,
    changed_at timestamp(6) with time zone not null
);
insert into list_bound (name) values ('PROCEDURES');
