-- What is counted of the lots of past batches; told again for those that are in the Book already.

create table told_lot (
    batch_id bigint not null references batch (id) on delete cascade,
    lot_no int not null,
    fold varchar(60) not null,
    filling varchar(80) not null,
    cooked varchar(60) not null,
    primary key (batch_id, lot_no)
);

delete from told;
