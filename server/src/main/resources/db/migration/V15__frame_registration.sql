-- How a frame lies on its picture: four points of it and where the picture has them; none where it is taken as it came in.
alter table frame add column registration json;
