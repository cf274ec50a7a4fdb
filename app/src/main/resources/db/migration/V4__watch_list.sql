-- Plants that run wild around the shop, in the order of the file they came in.
create table watch_entry (
    position int           primary key,
    plant    varchar(1000) not null,
    level    varchar(10)   not null check (level in ('WATCH', 'AVOID')),
    note     varchar(1000) not null default ''
);
