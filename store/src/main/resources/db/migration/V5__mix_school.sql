-- How a filling is brought together; empty for the usual school of its kind.
alter table filling add column mix_school varchar(20);
