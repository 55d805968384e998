-- put away it is off the table and kept; taken away it is kept for a week
alter table piece add column put_away boolean default false not null;
alter table piece add column taken_away timestamp(9) with time zone;
