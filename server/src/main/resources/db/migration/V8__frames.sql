-- Test frames of a set: as small as they are measured in, with what their files say of how they were taken.
create table frame (
    id         uuid        primary key,
    set_id     uuid        not null references table_set (id) on delete cascade,
    name       text        not null,
    -- SHA-256 of the file, so that none is kept twice
    hash       text        not null,
    -- by the camera's clock, which knows no zone
    taken_at   timestamp,
    aperture   double precision,
    shutter    double precision,
    speed      double precision,
    width      int         not null,
    height     int         not null,
    -- the set as it stood when the frame was taken; absent until it is told
    document   json,
    picture    bytea       not null,
    added_at   timestamptz not null,
    deleted_at timestamptz
);

create unique index frame_once on frame (set_id, hash) where deleted_at is null;
create index frame_of_set on frame (set_id, added_at);

-- The folder that frames come into, and the set they are of; one at most.
create table tether (
    id     int  primary key check (id = 1),
    set_id uuid not null references table_set (id) on delete cascade,
    folder text not null,
    -- what lay there before, a line each
    known  text not null
);
