-- The shop's registers, of procedures and of other papers: one table, each entry by its register and number.
create table register_entry (
    id uuid primary key,
    version bigint not null,
    register varchar(20) not null,
    number varchar(40) not null,
    content varchar(40000) not null,
    changed_at timestamp(6) with time zone not null,
    constraint register_number unique (register, number)
);
insert into register_entry (id, version, register, number, content, changed_at)
    select id, version, 'procedures', number, content, changed_at from weld_procedure;
drop table weld_procedure;
insert into list_bound (name) values ('WELDERS');
