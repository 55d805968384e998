create table sign (
  id uuid primary key,
  making_id uuid not null references making(id) on delete cascade,
  part int not null,
  act varchar(80) not null,
  tale varchar(40) not null,
  reply int not null,
  at timestamp(9) with time zone not null
);
create index sign_making on sign(making_id);
