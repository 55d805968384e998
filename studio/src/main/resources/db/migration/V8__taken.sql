-- a file of an image that was taken to be printed: what the copies are, whatever the plan becomes
create table taken (
  id uuid primary key,
  piece_id uuid not null references piece(id) on delete cascade,
  veil int not null,
  at timestamp(9) with time zone not null,
  width_nm bigint not null,
  mirrored boolean not null,
  print varchar(40) not null,
  copies int not null
);
create index taken_piece on taken(piece_id);
