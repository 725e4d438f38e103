-- What people were seen to have on, what of the shop's clothes they have, and when something went back.
alter table person_reading
  add column outfit jsonb,
  add column loans jsonb not null default '[]',
  add column taken_off jsonb not null default '{}';

-- The clothes that the shop lends, as they were last counted.
create table wardrobe_reading (
  site_id  text primary key,
  version  integer not null,
  wardrobe jsonb not null
);
