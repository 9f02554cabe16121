-- What a batch's document told of what happened to it in another kitchen.
create table heard (
    batch_id bigint not null references batch (id) on delete cascade,
    position int not null,
    at timestamp(3) with time zone not null,
    what varchar(12) not null,
    said varchar(1000) not null,
    primary key (batch_id, position)
);
