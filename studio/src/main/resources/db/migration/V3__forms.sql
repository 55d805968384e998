alter table run rename to making;
alter table deed alter column run_id rename to making_id;
alter table deed add column part int default 0 not null;
alter table making add column plan_json clob;
alter table making add column finished boolean default false not null;
alter table making add column at_hand varchar(300) default '' not null;
alter table making alter column work_json set null;
alter table piece add column support varchar(40);
alter table piece add column ground varchar(40);
alter table piece add column ground_red double precision;
alter table piece add column ground_green double precision;
alter table piece add column ground_blue double precision;
alter table piece add column page_width_nm bigint;
alter table piece add column page_height_nm bigint;
alter table veil alter column design_json clob;
create table room_told (
  id uuid primary key,
  at timestamp(9) with time zone not null,
  celsius double precision not null,
  percent double precision not null
);
create index room_told_at on room_told(at);
insert into room_told (id, at, celsius, percent) select random_uuid(), told, celsius, percent from room;
update room set units = lower(units);
create table entry (
  entry_id uuid not null,
  revision int not null,
  piece_id uuid not null references piece(id),
  making_id uuid references making(id),
  written timestamp(9) with time zone not null,
  verdict varchar(40) not null,
  came varchar(2000) not null,
  different varchar(2000) not null,
  tack varchar(40),
  fibre varchar(40),
  stretch double precision,
  by_products varchar(500) not null,
  cause varchar(40),
  photo_id uuid references picture(id),
  struck boolean not null,
  judged_json clob,
  primary key (entry_id, revision)
);
create index entry_piece on entry(piece_id);
create table owned (
  id uuid primary key,
  kind varchar(40) not null,
  what varchar(80) not null,
  name varchar(80) not null,
  amount int not null,
  width_nm bigint,
  height_nm bigint,
  level double precision,
  price bigint,
  opened date,
  product_json clob
);
alter table gathering add column gathering_json clob;
alter table gathering alter column wanted_json set null;
alter table gathering alter column set_ups_json set null;
