-- Lessons that are left out of account: each by the table it stands in and its key there.

create table forgotten (
    lesson varchar(160) not null primary key,
    forgotten_at timestamp(3) with time zone not null
);
