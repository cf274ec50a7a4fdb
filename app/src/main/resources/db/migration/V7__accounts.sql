-- What the data were begun as holds: the demo's people and token never come to a real shop, nor the other way round.
alter table shop add column demo boolean not null default false;
update shop set demo = exists (select 1 from person where username = 'marrow');
-- Visits that nobody has touched for so long are erased; null: never.
alter table shop add column erase_after_months integer check (erase_after_months between 1 and 120);
alter table shop add column second_factor boolean not null default false;

-- Who has been invited has no password yet, and an invitation of which only a digest is kept.
alter table person alter column password_hash drop not null;
alter table person add column invitation char(64) unique;
alter table person add column invited_until timestamptz;
-- The secret of a second factor, encrypted, and the last step of time whose code was used.
alter table person add column second_factor varchar(400);
alter table person add column second_step bigint not null default 0;
alter table person add column signed_in_at timestamptz;

alter table api_token add column expires_at timestamptz;
update api_token set expires_at = created_at + interval '1 year';
alter table api_token alter column expires_at set not null;
alter table api_token add column used_at timestamptz;

-- Failed attempts to sign in, by name, by address, and by both.
create table sign_in_failure (
    who      varchar(200) primary key,
    failures integer      not null,
    since    timestamptz  not null,
    last     timestamptz  not null
);

-- What was done that somebody may ask about later. Nothing in it can be changed, not by the application either.
create table trail (
    id      bigint generated always as identity primary key,
    shop_id bigint       not null references shop (id),
    at      timestamptz  not null default now(),
    who     varchar(120) not null,
    address varchar(60)  not null,
    what    varchar(40)  not null,
    about   varchar(400) not null
);
create index trail_at on trail (shop_id, id desc);

create function trail_stands() returns trigger language plpgsql as $$
begin
    raise exception 'The trail is only added to.';
end $$;
create trigger trail_stands before update or delete or truncate on trail
    for each statement execute function trail_stands();
