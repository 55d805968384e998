-- how much cooler it is at night, and from when until when; as the room has it, and as it was when the air was told
alter table room add column cooler double precision default 0 not null;
alter table room add column night_from varchar(5) default '22:00' not null;
alter table room add column night_to varchar(5) default '07:00' not null;
alter table room_told add column cooler double precision default 0 not null;
alter table room_told add column night_from varchar(5) default '22:00' not null;
alter table room_told add column night_to varchar(5) default '07:00' not null;
