-- whether the air follows the sensor: one row
create table following (
  id int primary key,
  version int not null,
  following_json clob
);
