-- What a customer is given: a private link, of which only a digest is kept; what they tick off and say by it.
create table handout_link (
    id          bigint generated always as identity primary key,
    visit_id    uuid         not null references visit (id) on delete cascade,
    shop_id     bigint       not null references shop (id),
    nonce       varchar(64)  not null,
    digest      char(64)     not null unique,
    made_by     varchar(120) not null,
    made_at     timestamptz  not null,
    expires_on  date         not null,
    revoked_at  timestamptz,
    email       varchar(200) not null default '',
    reminded_at timestamptz
);
create index handout_link_visit on handout_link (visit_id);

create table handout_tick (
    visit_id uuid        not null references visit (id) on delete cascade,
    task     varchar(60) not null,
    done_at  timestamptz not null,
    primary key (visit_id, task)
);

create table customer_word (
    id       bigint generated always as identity primary key,
    visit_id uuid          not null references visit (id) on delete cascade,
    shop_id  bigint        not null references shop (id),
    kind     varchar(20)   not null,
    about    varchar(160)  not null,
    said     varchar(2000) not null,
    said_at  timestamptz   not null,
    seen_at  timestamptz,
    seen_by  varchar(120)
);
create index customer_word_new on customer_word (shop_id) where seen_at is null;

-- Messages that went out, or would have: without a mail server they stay here and are looked at.
create table message (
    id        bigint generated always as identity primary key,
    shop_id   bigint       not null references shop (id),
    visit_id  uuid references visit (id) on delete cascade,
    recipient varchar(200) not null,
    subject   varchar(200) not null,
    body      text         not null,
    made_by   varchar(120) not null,
    made_at   timestamptz  not null,
    sent_at   timestamptz,
    problem   varchar(400) not null default ''
);
