-- several pulls of one plan are a series; what came of a pull is its result
alter table making add column series_id uuid;
alter table making add column pull int not null default 1;
alter table making add column plates int not null default 1;
alter table making add column result varchar(40);
create index making_series on making(series_id);
