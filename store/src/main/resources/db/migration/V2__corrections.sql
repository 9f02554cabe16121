-- What a dough felt like at the bench and what was added; belongs to the revision it made, so undoing that and going
-- another way takes it along.
create table correction (
    batch_id bigint not null,
    revision int not null,
    dough_no int not null,
    feel varchar(12) not null,
    water_ug bigint not null,
    flour_ug bigint not null,
    rest_s bigint not null,
    hydration_upct bigint not null,
    made_at timestamp(3) with time zone not null,
    primary key (batch_id, revision),
    foreign key (batch_id, revision) references revision (batch_id, no) on delete cascade
);
