-- where a print in stock comes from, and what it is laid by for
alter table owned add column lineage_json clob;
-- what a square metre of a sheet weighs
alter table owned add column grams double precision;
