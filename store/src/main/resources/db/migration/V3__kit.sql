-- What stands in the kitchen. One row of kit; flours and bowls in the cook's order; what each batch taught about a flour.
-- A batch keeps its own copy of what it was planned with, so a past batch never changes when the kit does.
create table kit (
    id int not null primary key check (id = 1),
    room_mdeg bigint not null,
    tap_mdeg bigint not null,
    kettle_mdeg bigint not null,
    cups varchar(12) not null
);

create table kit_flour (
    flour_key varchar(40) not null primary key,
    position int not null,
    name varchar(80) not null,
    kind varchar(12) not null,
    protein_upct bigint not null,
    typed_offset_upct bigint not null,
    price_milli bigint
);

create table kit_bowl (
    bowl_key varchar(40) not null primary key,
    position int not null,
    name varchar(80) not null,
    material varchar(12) not null,
    mass_ug bigint not null
);

create table flour_lesson (
    flour_key varchar(40) not null references kit_flour (flour_key) on delete cascade,
    batch_id bigint not null references batch (id) on delete cascade,
    dough_no int not null,
    seen_upct bigint not null,
    share_upct bigint not null,
    learned_at timestamp(3) with time zone not null,
    primary key (flour_key, batch_id, dough_no)
);

alter table revision add column room_mdeg bigint default 21000 not null;
alter table revision add column tap_mdeg bigint default 12000 not null;
alter table revision add column kettle_mdeg bigint default 96000 not null;

alter table dough add column knead_school varchar(20) default 'LONG' not null;
alter table dough add column knead_by varchar(12) default 'HAND' not null;
alter table dough add column bowl_key varchar(40);
alter table dough add column bowl_name varchar(80);
alter table dough add column bowl_material varchar(12);
alter table dough add column bowl_ug bigint;

alter table dough_flour add column offset_upct bigint default 0 not null;
alter table dough_flour add column spread_upct bigint default 2500000 not null;
alter table dough_flour add column offset_batches int default 0 not null;
alter table dough_flour add column price_milli bigint;

alter table lot add column bought_shape varchar(12);
alter table lot add column bought_thickness varchar(12);
alter table lot add column bought_um bigint;
alter table lot add column bought_ug bigint;
alter table lot add column bought_pack int;

-- Poured hydration before the correction; empty for those written down before this was kept.
alter table correction add column before_upct bigint;
