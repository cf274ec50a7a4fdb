-- What really happened to plants: places that are looked at again, and what was noted there on a day.
create table record_place (
    id       bigint generated always as identity primary key,
    shop_id  bigint       not null references shop (id),
    name     varchar(160) not null,
    -- A bed of the centre itself; else a customer's, whose visit it comes from as long as that is kept.
    own      boolean      not null,
    visit_id uuid references visit (id) on delete set null,
    site     jsonb        not null default '{}',
    unique (shop_id, name)
);

create table plant_record (
    id              bigint generated always as identity primary key,
    shop_id         bigint       not null references shop (id),
    place_id        bigint       not null references record_place (id) on delete cascade,
    plant           varchar(120) not null,
    noted_on        date         not null,
    age_years       double precision,
    height_m        double precision,
    flower_height_m double precision,
    spread_m        double precision,
    first_bloom     date,
    last_bloom      date,
    alive           boolean,
    cause           varchar(20),
    browsed         boolean,
    pot             varchar(80)   not null default '',
    sun_hours       double precision,
    note            varchar(2000) not null default '',
    noted_by        varchar(120)  not null,
    noted_at        timestamptz   not null,
    unique (place_id, plant, noted_on)
);
create index plant_record_plant on plant_record (shop_id, plant);

-- Values that records give the catalogue stand among the claims, and are made anew from the records.
alter table claim add column of_record boolean not null default false;
alter table shop add column use_records boolean not null default true;

-- Who is erased takes the name of the place along; what was measured there stays.
create function forget_place() returns trigger language plpgsql as $$
begin
    update record_place set name = 'A garden, ' || id, visit_id = null where visit_id = old.id;
    return old;
end
$$;
create trigger visit_forgets_place before delete on visit for each row execute function forget_place();
