-- Kept states of a set, each with its picture: of the very set that it holds, or none yet.
create table take (
    id          uuid primary key,
    set_id      uuid        not null references table_set (id) on delete cascade,
    name        text        not null,
    about       text        not null,
    -- words of the layers of light that its picture leaves out, joined by commas
    off         text        not null,
    document    json        not null,
    picture     bytea,
    fine        boolean     not null,
    made_at     timestamptz not null,
    deleted_at  timestamptz
);

create index take_of_set on take (set_id, made_at);
