-- A station's daily record as it was brought in, and where it stands. What it says is worked out from the record.
create table station (
    id               uuid         primary key,
    name             varchar(120) not null,
    latitude         double precision not null check (latitude between -90 and 90),
    longitude        double precision not null check (longitude between -180 and 180),
    utc_offset_hours double precision not null check (utc_offset_hours between -14 and 14),
    elevation_m      double precision,
    made_up          boolean      not null default false,
    usual            boolean      not null default false,
    csv              text         not null,
    added_by         varchar(120) not null,
    added_at         timestamptz  not null
);
-- At most one station is the shop's usual one.
create unique index station_usual on station (usual) where usual;
