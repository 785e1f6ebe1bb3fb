-- The looks that the photographer made: one document, the lookbook file itself.
create table lookbook (
    id         integer     primary key check (id = 1),
    version    integer     not null check (version > 0),
    document   json        not null,
    updated_at timestamptz not null
);
