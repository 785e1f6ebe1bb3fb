-- A document is kept as it was written: jsonb writes numbers anew, and longer.
alter table table_set alter column document type json using document::json;
alter table kit alter column document type json using document::json;

-- Deleted sets are listed, and gone for good some time after.
create index table_set_deleted on table_set (deleted_at desc) where deleted_at is not null;
