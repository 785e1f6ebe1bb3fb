-- The wall test that is under way: one document, with the profiles that its frames showed.
create table wall_test (
    id         integer     primary key check (id = 1),
    version    integer     not null check (version > 0),
    document   json        not null,
    updated_at timestamptz not null
);
