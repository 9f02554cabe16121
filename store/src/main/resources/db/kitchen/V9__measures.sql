-- Sizes and measures of the cook's own, as they wrote them.

alter table kit add column measures varchar(200) default '' not null;
