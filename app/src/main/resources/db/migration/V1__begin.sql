create table person (
    id            bigint generated always as identity primary key,
    username      varchar(60)  not null unique,
    display_name  varchar(120) not null,
    password_hash varchar(200) not null,
    role          varchar(20)  not null check (role in ('ADVISOR', 'BUYER', 'MANAGER')),
    active        boolean      not null default true
);

-- Only a digest of a token is kept: a token is shown once, when it is made.
create table api_token (
    id         bigint generated always as identity primary key,
    label      varchar(120) not null,
    digest     char(64)     not null unique,
    role       varchar(20)  not null check (role in ('ADVISOR', 'BUYER', 'MANAGER')),
    created_at timestamptz  not null,
    created_by varchar(120) not null,
    revoked_at timestamptz
);

-- One row a cultivar; cells holds every trait in its canonical text, so that a new column of the open format needs no new column here.
create table cultivar (
    id         varchar(80)  primary key,
    botanical  text         not null,
    name       text         not null,
    common     text         not null default '',
    kind       varchar(20)  not null,
    cells      jsonb        not null,
    changed_at timestamptz  not null
);
create index cultivar_kind on cultivar (kind);

-- Counts the changes to the catalogue, so that every instance notices those of the others.
create table catalogue_change (
    one     boolean primary key default true check (one),
    version bigint not null
);
insert into catalogue_change values (true, 0);

-- answers holds all that was said of the place and asked for, by field, in SI units.
create table visit (
    id         uuid         primary key,
    place      varchar(160) not null,
    answers    jsonb        not null,
    chosen     jsonb        not null,
    advisor    varchar(120) not null,
    finished   boolean      not null default false,
    created_at timestamptz  not null,
    changed_at timestamptz  not null,
    changed_by varchar(120) not null,
    version    bigint       not null
);
create index visit_changed on visit (changed_at desc);

-- Every saved state of the answers of a visit: what two people's edits are merged from.
create table visit_revision (
    id         bigint generated always as identity primary key,
    visit_id   uuid         not null references visit (id) on delete cascade,
    version    bigint       not null,
    answers    jsonb        not null,
    changed_at timestamptz  not null,
    changed_by varchar(120) not null,
    unique (visit_id, version)
);

create table list_line (
    id          bigint generated always as identity primary key,
    visit_id    uuid        not null references visit (id) on delete cascade,
    cultivar_id varchar(80) not null,
    ground      varchar(10) not null check (ground in ('AREA', 'ROW', 'NUMBER')),
    amount      double precision not null check (amount > 0),
    ends_clear  boolean     not null default false,
    school      varchar(12) not null check (school in ('MATURE', 'QUICK_COVER')),
    close_by    integer     not null,
    pot         varchar(60) not null default '',
    position    integer     not null,
    version     bigint      not null default 0
);
create index list_line_visit on list_line (visit_id, position);

-- Sessions (Spring Session JDBC), so that a second instance can serve the same advisor.
create table spring_session (
    primary_id            char(36)     not null primary key,
    session_id            char(36)     not null,
    creation_time         bigint       not null,
    last_access_time      bigint       not null,
    max_inactive_interval int          not null,
    expiry_time           bigint       not null,
    principal_name        varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36)     not null references spring_session (primary_id) on delete cascade,
    attribute_name     varchar(200) not null,
    attribute_bytes    bytea        not null,
    primary key (session_primary_id, attribute_name)
);
