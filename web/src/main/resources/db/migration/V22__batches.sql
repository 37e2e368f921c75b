-- Batches of material: which a job is welded with, and which went into a run.
create table batch_use (
    id uuid primary key,
    job_id uuid,
    run_id uuid,
    number varchar(40) not null,
    what varchar(200) not null,
    constraint batch_of_one check ((job_id is null) <> (run_id is null)),
    constraint batch_of_job foreign key (job_id) references job (id) on delete cascade,
    constraint batch_of_run foreign key (run_id) references run (id) on delete cascade
);
create index batch_by_number on batch_use (number);
create index batch_by_job on batch_use (job_id);
create index batch_by_run on batch_use (run_id);
insert into list_bound (name) values ('BATCHES');
