-- which of the artist's checks are learned from: one row
create table teaching (
  id int primary key,
  version int not null,
  teaching_json clob
);
