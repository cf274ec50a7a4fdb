-- What is worked out of all own records together stands among the claims too.
alter table claim drop constraint claim_source_kind_check;
alter table claim
    add constraint claim_source_kind_check
        check (source_kind in ('LABEL', 'GROWER', 'REFERENCE', 'OWN_RECORD', 'CALIBRATED'));

-- A bed of the centre itself is described and drawn like a customer's place, and is not erased after a time.
alter table visit add column own_bed boolean not null default false;

-- Who is erased takes the name of the place along; a bed of our own keeps it.
create or replace function forget_place() returns trigger language plpgsql as $$
begin
    update record_place set name = case when own then name else 'A garden, ' || id end, visit_id = null
        where visit_id = old.id;
    return old;
end
$$;

-- What customers brought back, and what they took instead.
create table taken_back (
    id       bigint generated always as identity primary key,
    shop_id  bigint       not null references shop (id),
    visit_id uuid references visit (id) on delete set null,
    plant    varchar(120) not null,
    plants   int          not null check (plants between 1 and 10000),
    back_on  date         not null,
    cause    varchar(20),
    instead  varchar(120),
    note     varchar(500) not null default '',
    noted_by varchar(120) not null,
    noted_at timestamptz  not null
);
create index taken_back_plant on taken_back (shop_id, plant);
