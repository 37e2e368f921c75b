-- What learners have answered; no accounts, a name is enough.
create table drill_result (
    id uuid primary key,
    learner varchar(60) not null,
    topic varchar(40) not null,
    correct boolean not null,
    answered_at timestamp(6) with time zone not null
);
create index drill_of_learner on drill_result (learner, answered_at);
