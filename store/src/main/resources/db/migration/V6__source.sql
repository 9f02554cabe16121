-- Where a batch came from: the recipe it was made of, in its own words.
alter table batch add column source varchar(60000);
