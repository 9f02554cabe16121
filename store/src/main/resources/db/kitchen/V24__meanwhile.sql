-- Presses that were made while a device could not reach the kitchen: each is taken once, whatever happens to the answer.
create table meanwhile (
    press varchar(40) primary key,
    batch_id bigint not null references batch (id) on delete cascade,
    taken_at timestamp(3) with time zone not null,
    said varchar(300) not null
);
create index meanwhile_taken on meanwhile (taken_at);
