-- What the photographer owns: one document, the kit file itself.
create table kit (
    id         integer     primary key check (id = 1),
    version    integer     not null check (version > 0),
    document   jsonb       not null,
    updated_at timestamptz not null
);
