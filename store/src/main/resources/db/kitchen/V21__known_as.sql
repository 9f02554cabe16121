-- A batch is the same one in every kitchen that it is brought to.
alter table batch add column known_as uuid default random_uuid() not null;
create unique index batch_known_as on batch (known_as);
