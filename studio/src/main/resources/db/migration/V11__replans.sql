-- a plan changed while it is made: the plan from then on, after so many deeds; the one it was begun with stays
create table replan (
  making_id uuid not null references making(id) on delete cascade,
  number int not null,
  after int not null,
  at timestamp(9) with time zone not null,
  words varchar(400) not null,
  plan_json clob not null,
  primary key (making_id, number)
);
