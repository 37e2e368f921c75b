-- Beads that learners have welded, measured against levels.
create table practical_result (
    id uuid primary key,
    learner varchar(60) not null,
    job varchar(120) not null,
    done_at timestamp(6) with time zone not null,
    content varchar(4000) not null
);
create index practical_of_learner on practical_result (learner, done_at);
