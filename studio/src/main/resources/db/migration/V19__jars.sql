-- what is mixed stands in jars; what is used comes out of them and of what is on the shelf, and goes back with an act taken back
create table jar (
  id uuid primary key,
  version int not null,
  made timestamp(9) with time zone not null,
  jar_json clob not null
);

create table drawn (
  by_id uuid not null,
  seq int not null,
  row_no int not null,
  product varchar(80) not null,
  lot uuid,
  jar uuid,
  amount double precision not null,
  at timestamp(9) with time zone not null,
  primary key (by_id, seq, row_no)
);
create index drawn_lot on drawn (lot);
create index drawn_jar on drawn (jar);

alter table deed add column stood_since timestamp(9) with time zone;
alter table owned add column looked timestamp(9) with time zone;
alter table owned add column sign varchar(20);
