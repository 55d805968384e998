-- which image a taken file shows: its picture and what was done to it; empty for files taken before this was kept
alter table taken add column image varchar(40) not null default '';
