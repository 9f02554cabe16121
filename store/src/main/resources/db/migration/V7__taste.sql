-- Who sits at the table: what somebody avoids, and the salt this cook likes in a filling.
alter table revision add column salt_upct bigint default 1200000 not null;
alter table revision add column avoided varchar(200) default '' not null;

-- What a fried test patty said; belongs to the revision it made, like a correction at the bench.
create table tasting (
    batch_id bigint not null,
    revision int not null,
    filling_no int not null,
    verdict varchar(12) not null,
    salt_upct bigint not null,
    added varchar(80) not null,
    added_ug bigint not null,
    tasted_at timestamp(3) with time zone not null,
    primary key (batch_id, revision),
    foreign key (batch_id, revision) references revision (batch_id, no) on delete cascade
);

-- What was really left of a vegetable after it was squeezed.
create table squeezed (
    batch_id bigint not null references batch (id) on delete cascade,
    filling_no int not null,
    food varchar(40) not null,
    treatment varchar(12) not null,
    raw_ug bigint not null check (raw_ug > 0),
    left_ug bigint not null check (left_ug > 0),
    weighed_at timestamp(3) with time zone not null,
    primary key (batch_id, filling_no, food, treatment)
);

-- What things cost in this kitchen's shops, for a kilogram, or for a pack of what comes in packs.
create table price (
    item varchar(100) not null primary key,
    price_milli bigint not null
);
