create table gathering (
  id int primary key,
  version int not null,
  wanted_json varchar(20000) not null,
  set_ups_json varchar(200000) not null
);
alter table log_entry add column cause varchar(20);
alter table picture alter column full_png rename to original;
alter table picture alter column preview_png set null;
