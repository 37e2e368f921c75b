-- What was welded. The narrow table is what the logbook looks through; sheets are kept once however many runs they were welded by.
create table run (
    id uuid primary key,
    version bigint not null,
    job_id uuid,
    job_name varchar(120) not null,
    started_at timestamp(6) with time zone not null,
    ended_at timestamp(6) with time zone,
    material varchar(40) not null,
    joint varchar(40) not null,
    thickness_mm double precision not null,
    machine_id uuid,
    machine_name varchar(160) not null,
    hand varchar(60) not null,
    meter varchar(60) not null,
    verdict varchar(20) not null,
    simulated boolean not null,
    planned_a double precision not null,
    reckoned_a double precision not null,
    current_a double precision,
    planned_travel double precision not null,
    travel double precision,
    heat double precision,
    gas_l double precision,
    arc_s double precision not null,
    seam_mm double precision,
    findings integer not null,
    note varchar(2000) not null,
    words varchar(2600) not null
);
create index run_by_day on run (started_at desc, id);
create index run_by_material on run (material, started_at desc);
create index run_by_joint on run (joint, started_at desc);
create index run_by_machine on run (machine_name, started_at desc);
create index run_by_hand on run (hand, started_at desc);
create index run_by_verdict on run (verdict, started_at desc);
create index run_of_job on run (job_id, started_at desc);
create index run_by_name on run (job_name, started_at desc);
create index run_under_way on run (ended_at);

create table run_record (
    run_id uuid primary key,
    record varchar(100000) not null
);
create table run_sheet (
    id uuid primary key,
    sheet varchar(200000) not null
);
create table run_event (
    run_id uuid not null,
    seq integer not null,
    at_s double precision not null,
    kind varchar(20) not null,
    primary key (run_id, seq)
);
create table run_readings (
    run_id uuid not null,
    seq integer not null,
    kind varchar(20) not null,
    packed varbinary(1000000) not null,
    primary key (run_id, kind, seq)
);
create table run_photo (
    id uuid primary key,
    run_id uuid not null,
    kind varchar(20) not null,
    made_at timestamp(6) with time zone not null,
    width integer not null,
    height integer not null,
    jpeg varbinary(4000000) not null
);
create index photo_of_run on run_photo (run_id, made_at, id);

-- A meter's key is never kept, only what it digests to.
create table meter_key (
    id uuid primary key,
    name varchar(60) not null unique,
    digest varchar(64) not null,
    made_at timestamp(6) with time zone not null,
    seen_at timestamp(6) with time zone
);
create table trace_columns (
    heading varchar(1000) primary key,
    chosen varchar(1000) not null,
    used_at timestamp(6) with time zone not null
);
