-- Who was let in. Of what a device keeps to show for it only a digest is here.
create table device (
    id bigint generated always as identity primary key,
    kind varchar(8) not null check (kind in ('DEVICE', 'GUEST', 'SCRIPT')),
    name varchar(60) not null,
    token_digest varchar(64) not null unique,
    batch_id bigint references batch (id) on delete cascade,
    let_in_at timestamp(3) with time zone not null,
    seen_at timestamp(3) with time zone not null
);
