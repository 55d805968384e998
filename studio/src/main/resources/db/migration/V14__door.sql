-- which other devices may come to the bench: one row
create table door (
  id int primary key,
  version int not null,
  door_json clob
);
