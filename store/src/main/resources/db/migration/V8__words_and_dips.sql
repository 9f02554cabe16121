-- What a dough's line is in the cook's words, and dips as composed by the cook instead of one of three.
alter table dough_line add column said varchar(80) default '' not null;

create table dip_line (
    batch_id bigint not null,
    revision int not null,
    lot_no int not null,
    position int not null,
    ingredient varchar(60) not null,
    parts double precision not null check (parts > 0),
    primary key (batch_id, revision, lot_no, position),
    foreign key (batch_id, revision, lot_no) references lot (batch_id, revision, no) on delete cascade
);

insert into dip_line
select lot.batch_id, lot.revision, lot.no, line.position, line.ingredient, line.parts
from lot
join (values
    ('SHARP_SOY', 0, 'light soy sauce', 3.0),
    ('SHARP_SOY', 1, 'black rice vinegar', 2.0),
    ('SHARP_SOY', 2, 'ginger, in threads', 0.5),
    ('SESAME_CHIVE', 0, 'light soy sauce', 2.0),
    ('SESAME_CHIVE', 1, 'rice vinegar', 1.0),
    ('SESAME_CHIVE', 2, 'toasted sesame oil', 0.5),
    ('SESAME_CHIVE', 3, 'chives, cut', 1.0),
    ('MINT_YOGHURT', 0, 'thick yoghurt', 6.0),
    ('MINT_YOGHURT', 1, 'lemon juice', 1.0),
    ('MINT_YOGHURT', 2, 'mint, chopped', 1.0)) as line (dip, position, ingredient, parts)
on line.dip = lot.dip;

alter table lot alter column dip varchar(60) not null;
update lot set dip = case dip
    when 'SHARP_SOY' then 'Sharp soy'
    when 'SESAME_CHIVE' then 'Sesame and chive'
    when 'MINT_YOGHURT' then 'Mint yoghurt'
    else 'No dip' end;

-- Lines that are weighed are ticked off like steps; their keys are longer.
alter table step_done alter column task_key varchar(120) not null;
alter table timer alter column task_key varchar(120) not null;
