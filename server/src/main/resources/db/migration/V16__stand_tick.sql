-- What was put up as the set sheet says, line by line, and at which value: so it stands.
create table stand_tick (
    set_id  uuid             not null references table_set (id) on delete cascade,
    part    text             not null,
    number  int              not null,
    measure text             not null,
    -- in the measure's unit
    value   double precision not null,
    -- otherwise the line is open again
    done    boolean          not null,
    -- by the clock of who ticked it, but never later than it came in
    at      timestamptz      not null,
    primary key (set_id, part, number, measure)
);
