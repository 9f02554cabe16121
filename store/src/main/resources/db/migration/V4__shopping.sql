-- What a cook said of the shopping for a batch: how much stands at home, and what lies in the basket.
create table shopping (
    batch_id bigint not null references batch (id) on delete cascade,
    item varchar(100) not null,
    have_ug bigint not null,
    in_basket boolean not null,
    primary key (batch_id, item)
);
