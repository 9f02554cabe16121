-- When a past batch was served, beside its words, so that what is found is put in order without its plan; told again.

delete from told;
alter table told add column served timestamp(0) not null;
create index told_by_served on told (served);
