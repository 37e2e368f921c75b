-- Papers of every register may be chosen for a job and go into its runs, not batches alone; a paper may have a file.
alter table batch_use rename to paper_use;
alter table paper_use add column register varchar(20) default 'batches' not null;
alter table paper_use alter column register drop default;
create table register_file (
    entry_id uuid primary key,
    name varchar(120) not null,
    media_type varchar(40) not null,
    bytes integer not null,
    content varbinary(2000000) not null,
    constraint file_of_entry foreign key (entry_id) references register_entry (id) on delete cascade
);
insert into list_bound (name) values ('INSTRUMENTS');
