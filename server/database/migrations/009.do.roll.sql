-- What is known of somebody's eyes and body: no part of the record, and erasable. Not derived.
-- Who may see it: the person and the safety lead. The chain holds only that a record exists and its salted hash.
create table person_care (
  site_id   text not null,
  person_id text not null,
  record_id uuid not null,
  salt      text not null,
  record    jsonb not null,
  primary key (site_id, person_id)
);

-- How a fit test went; null where only its date was written down.
alter table wearer_health add column fit jsonb;

alter table person_reading
  add column group_name text,
  add column sign_offs jsonb not null default '{}',
  add column settled jsonb not null default '[]';
