-- Photos of a batch, made small and freed of everything but the picture.

create table photo (
    id bigint generated always as identity primary key,
    batch_id bigint not null references batch (id) on delete cascade,
    taken_at timestamp(3) with time zone not null,
    picture varbinary(1000000) not null
);
create index photo_by_batch on photo (batch_id, id);
