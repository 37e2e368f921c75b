-- What is seen on a job's bead and told of it, and what became of the changes that were tried.
create table job_reading (
    job_id uuid primary key,
    version bigint not null,
    marks varchar(8000) not null,
    changed_at timestamp(6) with time zone not null
);
create table reading_outcome (
    id uuid primary key,
    job_id uuid not null,
    cause varchar(40) not null,
    result varchar(10) not null,
    seen varchar(2000) not null,
    tried_at timestamp(6) with time zone not null
);
create index outcome_of_cause on reading_outcome (cause, result);
create index outcome_of_job on reading_outcome (job_id, tried_at);
