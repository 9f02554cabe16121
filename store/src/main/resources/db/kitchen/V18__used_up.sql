-- Dough and filling that was left over and is used.

create table used_up (
    batch_id bigint not null references batch (id) on delete cascade,
    lot_no int not null,
    what varchar(8) not null check (what in ('DOUGH', 'FILLING')),
    used_at timestamp(3) with time zone not null,
    primary key (batch_id, lot_no, what)
);
