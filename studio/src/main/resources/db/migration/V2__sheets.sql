create table gathering (
  id int primary key,
  version int not null,
  wanted_json varchar(20000) not null,
  set_ups_json varchar(200000) not null
);
alter table log_entry add column cause varchar(20);
