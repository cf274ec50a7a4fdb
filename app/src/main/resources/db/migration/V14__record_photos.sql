-- Photographs of what was noted, drawn anew so that nothing of the camera's is in them.
create table record_photo (
    id        bigint generated always as identity primary key,
    record_id bigint       not null references plant_record (id) on delete cascade,
    shop_id   bigint       not null references shop (id),
    jpeg      bytea        not null,
    added_by  varchar(120) not null,
    added_at  timestamptz  not null
);
create index record_photo_record on record_photo (record_id);
