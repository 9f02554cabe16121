-- Evenings that were rehearsed. Nothing of them is in the Book or in what the kitchen knows.

create table rehearsed (
    id bigint generated always as identity primary key,
    seed bigint not null,
    level int not null,
    ways varchar(40) not null,
    cost double precision not null,
    played_at timestamp(3) with time zone not null
);
