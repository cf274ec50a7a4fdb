-- Where each plant of a visit stands, and every step that led there, so that each can be undone.
create table bed (
    visit_id uuid    primary key references visit (id) on delete cascade,
    shop_id  bigint  not null references shop (id),
    version  bigint  not null,
    plants   jsonb   not null
);

create table bed_step (
    id       bigint generated always as identity primary key,
    visit_id uuid         not null references visit (id) on delete cascade,
    shop_id  bigint       not null references shop (id),
    number   bigint       not null,
    made_by  varchar(120) not null,
    made_at  timestamptz  not null,
    undone   boolean      not null default false,
    changes  jsonb        not null,
    unique (visit_id, number)
);
