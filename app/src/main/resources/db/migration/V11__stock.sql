-- What stands in a shop's yard, by plant and pot; and what lists that were sold took out of it.
create table stock (
    shop_id     bigint       not null references shop (id),
    cultivar_id varchar(120) not null,
    pot         varchar(80)  not null,
    price       numeric(10, 2) check (price >= 0),
    in_stock    integer      not null check (in_stock >= 0),
    expected    date,
    version     bigint       not null default 0,
    primary key (shop_id, cultivar_id, pot)
);

create table sale (
    visit_id uuid         primary key references visit (id) on delete cascade,
    shop_id  bigint       not null references shop (id),
    sold_by  varchar(120) not null,
    sold_at  timestamptz  not null
);

create table sale_line (
    visit_id    uuid         not null references sale (visit_id) on delete cascade,
    cultivar_id varchar(120) not null,
    pot         varchar(80)  not null,
    asked       integer      not null,
    taken       integer      not null,
    primary key (visit_id, cultivar_id, pot)
);

-- A list line may mix pots: so many of its plants come larger.
alter table list_line add column larger_pot varchar(80) not null default '';
alter table list_line add column larger_count integer not null default 0;

-- What the shop asks for a bag of each material, for stakes and ties, and for an hour of planting.
create table shop_price (
    shop_id bigint      not null references shop (id),
    what    varchar(40) not null,
    price   numeric(10, 2) not null check (price >= 0),
    primary key (shop_id, what)
);
