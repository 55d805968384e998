-- wrong passcodes in a row: they outlast the studio being closed, and change nothing of the door itself
create table door_tries (
  wrong int not null
);
insert into door_tries (wrong) values (0);
