create extension if not exists pg_trgm;

-- The change that last touched a row, so that a snapshot in memory fetches only what is newer.
alter table cultivar add column changed_version bigint not null default 0;
create index cultivar_changed on cultivar (changed_version);

-- Every word of a name once: misspelt words are put right against it by trigrams.
create table catalogue_word (
    word varchar(80) primary key
);
create index catalogue_word_like on catalogue_word using gin (word gin_trgm_ops);
insert into catalogue_word select distinct left(w, 80) from cultivar, regexp_split_to_table(lower(name || ' ' || common), '[^[:alnum:]×]+') w where w <> '';

-- What sources beside the catalogue's own row say of a trait.
create table claim (
    id           bigint generated always as identity primary key,
    cultivar_id  varchar(80)  not null references cultivar (id) on delete cascade,
    trait        varchar(40)  not null,
    value        text         not null,
    source       varchar(300) not null,
    source_kind  varchar(20)  not null check (source_kind in ('LABEL', 'GROWER', 'REFERENCE', 'OWN_RECORD')),
    at_age_years double precision,
    place        varchar(300) not null default '',
    unique nulls not distinct (cultivar_id, trait, value, source, source_kind, at_age_years, place)
);
create index claim_cultivar on claim (cultivar_id);

-- Each change made by hand to a trait or its claims: who, when, why, and what was there before.
create table trait_change (
    id           bigint generated always as identity primary key,
    cultivar_id  varchar(80)  not null,
    trait        varchar(40)  not null,
    what         varchar(20)  not null check (what in ('VALUE', 'CLAIM_ADDED', 'CLAIM_REMOVED')),
    before_value text         not null default '',
    after_value  text         not null default '',
    why          varchar(300) not null,
    changed_by   varchar(120) not null,
    changed_at   timestamptz  not null,
    undone_by    varchar(120),
    undone_at    timestamptz
);
create index trait_change_cultivar on trait_change (cultivar_id, id desc);

-- A file being brought in, on whichever instance: how far it is, and what came of it.
create table import_job (
    id         uuid         primary key,
    file_name  varchar(300) not null,
    path       text         not null,
    kind       varchar(20)  not null check (kind in ('CATALOGUE_CSV', 'CATALOGUE_JSON', 'CLAIMS_CSV')),
    dry_run    boolean      not null,
    keep_good  boolean      not null,
    started_by varchar(120) not null,
    started_at timestamptz  not null,
    touched_at timestamptz  not null,
    state      varchar(10)  not null check (state in ('WAITING', 'RUNNING', 'DONE', 'STOPPED', 'FAILED')),
    bytes_all  bigint       not null,
    bytes_read bigint       not null default 0,
    rows_read  bigint       not null default 0,
    stop_asked boolean      not null default false,
    report     jsonb
);
