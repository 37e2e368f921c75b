-- What was rehearsed for a job: a few, the oldest makes room.
create table rehearsal (
    id uuid primary key,
    job_id uuid not null,
    made_at timestamp(6) with time zone not null,
    record varchar(200000) not null
);
create index rehearsal_of_job on rehearsal (job_id, made_at, id);
