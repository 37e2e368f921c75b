-- A job on the bench. What is searched or shown in lists has its own column; the joint as typed is read whole and kept as JSON.
create table job (
    id uuid primary key,
    version bigint not null,
    name varchar(120) not null,
    notes varchar(4000) not null,
    material varchar(40) not null,
    joint varchar(40) not null,
    form_format int not null,
    form varchar(16000) not null,
    created_at timestamp(3) with time zone not null,
    changed_at timestamp(3) with time zone not null,
    deleted_at timestamp(3) with time zone
);

create index job_by_change on job (deleted_at, changed_at);
