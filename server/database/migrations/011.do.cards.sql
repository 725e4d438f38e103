-- The long random token of each bay's card: what the code on it opens, for whoever holds it. No part of the record, and replaceable.
create table bay_card (
  site_id text not null,
  bay_id  text not null,
  token   text not null unique,
  primary key (site_id, bay_id)
);
