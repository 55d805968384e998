-- when hands are free, what is to be fitted in and how it was planned: one row
create table diary (
  id int primary key,
  version int not null,
  diary_json clob
);
