create table picture (
  id uuid primary key,
  name varchar(200) not null,
  width int not null,
  height int not null,
  added timestamp(9) with time zone not null,
  full_png blob not null,
  preview_png blob not null
);
create table piece (
  id uuid primary key,
  version int not null,
  title varchar(120) not null,
  created timestamp(9) with time zone not null,
  ground_picture_id uuid references picture(id)
);
create table veil (
  piece_id uuid not null references piece(id),
  seq int not null,
  picture_id uuid references picture(id),
  x_nm bigint not null,
  y_nm bigint not null,
  design_json varchar(200000) not null,
  primary key (piece_id, seq)
);
create table run (
  id uuid primary key,
  piece_id uuid not null references piece(id),
  begun timestamp(9) with time zone not null,
  work_json clob not null,
  laid_aside boolean not null
);
create index run_piece on run(piece_id);
create table deed (
  run_id uuid not null references run(id),
  seq int not null,
  act varchar(60) not null,
  answer int not null,
  at timestamp(9) with time zone not null,
  told timestamp(9) with time zone not null,
  assumed boolean not null,
  against_advice boolean not null,
  primary key (run_id, seq)
);
create table log_entry (
  id uuid primary key,
  piece_id uuid not null references piece(id),
  run_id uuid references run(id),
  written timestamp(9) with time zone not null,
  verdict varchar(20) not null,
  wish varchar(20) not null,
  came varchar(2000) not null,
  different varchar(2000) not null,
  printed_by varchar(120) not null,
  tack varchar(20),
  fibre varchar(20),
  stretch double precision,
  by_products varchar(500) not null,
  state varchar(20) not null,
  pass int not null,
  photo_id uuid references picture(id)
);
create index log_piece on log_entry(piece_id);
create table room (
  id int primary key,
  version int not null,
  celsius double precision not null,
  percent double precision not null,
  units varchar(10) not null,
  told timestamp(9) with time zone not null
);
