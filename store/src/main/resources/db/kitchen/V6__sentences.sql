-- Labels are kept as lists of words and quantities; V7 writes the old ones so.

alter table revision alter column label varchar(1000);
alter table bag alter column cooking varchar(1000);
