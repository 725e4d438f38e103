-- What people breathed, day by day, is read from the record itself.
create index event_air_of_day on event (site_id, stream_id, version desc) where type = 'air-of-day-kept';

-- The last shop day of a site of which it was looked at what people breathed. Not derived: a day on which nobody worked leaves no event.
create table air_day (
  site_id text primary key,
  day     text not null
);
