-- How well each card of the eye is known, and when it was last asked, as a count of answers.

create table card (
    card_key varchar(20) not null primary key,
    box int not null,
    asked_as bigint not null
);
