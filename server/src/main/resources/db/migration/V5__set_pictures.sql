-- When a set was opened last, for lists.
alter table table_set add column opened_at timestamptz;

-- A small picture of each set as it was saved; it can be made anew at any time.
create table set_picture (
    set_id   uuid    primary key references table_set (id) on delete cascade,
    version  integer not null,
    picture  bytea   not null
);
