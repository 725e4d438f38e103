-- What a person likes of the interface: no part of the record, and erasable. Not derived.
create table preference (
  site_id   text not null,
  person_id text not null,
  language  text not null check (language in ('en', 'es')),
  primary key (site_id, person_id)
);
