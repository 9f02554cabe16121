-- The words by which a past batch is found again.

create table told (
    batch_id bigint primary key references batch (id) on delete cascade,
    told_at timestamp(3) with time zone not null
);

create table told_word (
    word varchar(40) not null,
    batch_id bigint not null references batch (id) on delete cascade,
    primary key (word, batch_id)
);
