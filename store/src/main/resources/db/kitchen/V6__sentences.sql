-- A label is kept as a list of words and quantities; V7 writes the old ones so.

alter table revision alter column label varchar(1000);
