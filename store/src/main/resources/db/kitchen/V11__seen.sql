-- What else was wrong with a lot, by name with commas between, and how many pieces were eaten.

alter table outcome add column seen varchar(400) default '' not null;
alter table outcome add column eaten int;
