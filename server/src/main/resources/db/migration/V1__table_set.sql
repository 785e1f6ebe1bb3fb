-- Sets as they were last saved. The document is the set file itself; the title is its own, kept beside it for lists.
create table table_set (
    id          uuid primary key,
    version     integer     not null check (version > 0),
    title       text        not null,
    document    jsonb       not null,
    created_at  timestamptz not null,
    updated_at  timestamptz not null,
    deleted_at  timestamptz
);

create index table_set_listed on table_set (updated_at desc) where deleted_at is null;

-- Things that are done once in the life of a database.
create table done_once (
    what    text primary key,
    done_at timestamptz not null
);
