-- Days on which dishes are photographed.
create table shoot (
    id         uuid        primary key,
    version    int         not null,
    -- from the document, for lists
    title      text        not null,
    client     text        not null,
    day        text        not null,
    document   json        not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    deleted_at timestamptz
);

-- What happened with its dishes. Whoever tells it names it, so that what is sent twice is kept once.
create table shoot_event (
    id       uuid        primary key,
    shoot_id uuid        not null references shoot (id) on delete cascade,
    dish     text        not null,
    what     text        not null,
    -- by the clock of who told it
    at       timestamptz not null
);

create index shoot_event_of_shoot on shoot_event (shoot_id, at);
