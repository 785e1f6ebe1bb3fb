-- Whether a set's lights were on for a frame; where they were off it shows the room alone.
alter table frame add column lit boolean not null default true;
