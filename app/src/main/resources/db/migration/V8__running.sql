-- What the machine has kept of the data outside of them: the command that does it writes it down here.
create table backup_made (
    id    bigint generated always as identity primary key,
    at    timestamptz  not null default now(),
    file  varchar(300) not null,
    bytes bigint       not null
);

-- The instances that serve, each with its heartbeat; what one that is silent was at has broken off.
create table instance (
    id         uuid        primary key,
    started_at timestamptz not null,
    beat_at    timestamptz not null
);
alter table import_job add column instance uuid;
