-- what a lot holds when it is full
alter table owned add column millilitres double precision;
