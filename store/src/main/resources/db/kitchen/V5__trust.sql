-- A label says everything that is in the bag, however much that is.

alter table bag alter column holds varchar(4000);
