-- Assemblies: their seams, what happened to each, and a drawing on which the seams are marked.
create table assembly (
    id uuid primary key,
    version bigint not null,
    name varchar(120) not null,
    changed_at timestamp(6) with time zone not null
);
create table assembly_drawing (
    assembly_id uuid primary key,
    width integer not null,
    height integer not null,
    jpeg varbinary(4000000) not null,
    constraint drawing_of_assembly foreign key (assembly_id) references assembly (id) on delete cascade
);
create table seam (
    id uuid primary key,
    version bigint not null,
    assembly_id uuid not null,
    place integer not null,
    number varchar(40) not null,
    location varchar(200) not null,
    job_id uuid,
    procedure_number varchar(40) not null,
    hold varchar(200) not null,
    state varchar(20) not null,
    x double precision,
    y double precision,
    welder varchar(60) not null,
    machine varchar(120) not null,
    repairs integer not null,
    constraint seam_number unique (assembly_id, number),
    constraint seam_of_assembly foreign key (assembly_id) references assembly (id) on delete cascade,
    constraint seam_of_job foreign key (job_id) references job (id) on delete set null
);
create index seam_in_order on seam (assembly_id, place);
create index seam_by_state on seam (assembly_id, state, place);
create table seam_event (
    id uuid primary key,
    seam_id uuid not null,
    place integer not null,
    kind varchar(20) not null,
    on_day varchar(10) not null,
    by_name varchar(60) not null,
    method varchar(20) not null,
    accepted boolean not null,
    cause varchar(200) not null,
    run_id uuid,
    machine varchar(120) not null,
    constraint event_of_seam foreign key (seam_id) references seam (id) on delete cascade,
    constraint event_of_its_run foreign key (run_id) references run (id) on delete set null
);
create index event_in_order on seam_event (seam_id, place);
insert into list_bound (name) values ('ASSEMBLIES');
