alter table piece add column own_support_json varchar(4000);
alter table owned add column support_json varchar(4000);
