-- Days that are kept to be opened again: who stands where, and what is welded.
create table day_plans_reading (
  site_id text primary key,
  version integer not null,
  plans   jsonb not null
);
