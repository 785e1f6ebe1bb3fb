-- Takes and test frames as they are found again: what is remembered of their light, and what somebody wrote of them.
create table record (
    -- of the take or frame
    id        uuid             primary key,
    kind      text             not null,
    set_id    uuid             not null references table_set (id) on delete cascade,
    at        timestamptz      not null,
    -- what it is called: a take's name, a frame's file
    name      text             not null,
    side      text             not null,
    facts     json             not null,
    -- of the light, each between bars
    words     text             not null,
    vector    tsvector generated always as (to_tsvector('simple', name || ' ' || words)) stored
);

create index record_at on record (at desc);

-- What somebody wrote of a take or frame.
create table record_note (
    record_id uuid primary key,
    notes     text not null,
    rating    int  not null,
    vector    tsvector generated always as (to_tsvector('simple', notes)) stored
);
