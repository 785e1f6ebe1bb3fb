-- What somebody read off a hand meter on the set.
create table meter_reading (
    id       uuid             primary key,
    set_id   uuid             not null references table_set (id) on delete cascade,
    kind     text             not null,
    value    double precision not null,
    -- the set as it stood
    document json             not null,
    -- beside what was predicted, see KeptReading
    reading  json,
    read_at  timestamptz      not null
);

create index meter_reading_of_set on meter_reading (set_id, read_at);
