-- A change that was made because of what a lot showed, to see whether it helps.

create table experiment (
    batch_id bigint not null references batch (id) on delete cascade,
    lot_no int not null,
    -- Where it was seen.
    from_batch bigint not null references batch (id) on delete cascade,
    from_lot int not null,
    style varchar(40) not null,
    cause varchar(40) not null,
    label varchar(1000) not null,
    begun_at timestamp(3) with time zone not null,
    primary key (batch_id, lot_no, cause)
);
create index experiment_by_cause on experiment (cause, style);
