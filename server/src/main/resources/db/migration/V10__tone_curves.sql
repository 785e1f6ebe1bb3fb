-- Tone curves of cameras, learnt from brackets. Frames of a camera are read by the one in use, as sRGB where none is.
alter table frame add column camera text not null default '';
create table tone_curve (
    camera    text not null,
    style     text not null,
    learnt    json not null,
    learnt_at timestamptz not null,
    in_use    boolean not null default false,
    primary key (camera, style)
);
create unique index tone_curve_in_use on tone_curve (camera) where in_use;
