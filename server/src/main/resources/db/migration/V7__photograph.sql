-- Photographs that somebody kept to match: as small as they are marked and measured in, with their marks as they were last saved.
create table photograph (
    id         uuid        primary key,
    title      text        not null,
    client     text        not null,
    marks      json        not null,
    picture    bytea       not null,
    created_at timestamptz not null
);

create index photograph_listed on photograph (client, created_at);
