-- What frames teach of the kit: as they were read last, and whether somebody wants one counted (true), left out (false) or judged (null).
alter table frame add column reading json;
alter table frame add column counts  boolean;
