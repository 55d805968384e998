-- bound books, with what lies on their pages
create table book (
  id uuid primary key,
  version int not null,
  begun timestamp(9) with time zone not null,
  book_json clob not null
);
