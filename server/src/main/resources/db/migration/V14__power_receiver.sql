-- The receiver that power is set on over the network: one at most.
create table power_receiver (
    id         integer     primary key check (id = 1),
    version    integer     not null check (version > 0),
    document   json        not null,
    updated_at timestamptz not null
);
