-- What somebody was taught, by process: when, by whom, and until when it stands.
alter table person_reading add column trainings jsonb not null default '{}';
