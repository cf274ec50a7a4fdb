-- Plantings that were liked, kept to be laid over other places: plants and how many of them on how much ground.
create table recipe (
    id         bigint generated always as identity primary key,
    shop_id    bigint       not null references shop (id),
    name       varchar(120) not null,
    plants     jsonb        not null,
    area_m2    double precision not null,
    kept_by    varchar(120) not null,
    kept_at    timestamptz  not null,
    unique (shop_id, name)
);
