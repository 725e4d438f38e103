-- Air: what halls, data sheets and samples say (derived), and the health records of those who wear a mask (erasable, not derived).

create table hall_reading (
  site_id text not null,
  hall_id text not null,
  version integer not null,
  hall    jsonb not null,
  primary key (site_id, hall_id)
);

create table fume_sheets_reading (
  site_id text primary key,
  version integer not null,
  sheets  jsonb not null
);

create table samples_reading (
  site_id text not null,
  bay_id  text not null,
  version integer not null,
  surveys jsonb not null,
  primary key (site_id, bay_id)
);

-- Who may see it: the person and the safety lead. The chain holds only that a record exists and its salted hash.
create table wearer_health (
  site_id              text not null,
  person_id            text not null,
  record_id            uuid not null,
  salt                 text not null,
  mask                 text not null,
  fit_tested_on        date,
  medically_cleared_on date,
  primary key (site_id, person_id)
);

alter table person_reading
  add column is_shaven boolean,
  add column shaven_until timestamptz,
  add column health_noted boolean not null default false;

-- Facts folded before there was air: a job set then belongs to no known day, no hood was placed, no extraction checked.
update station_reading set facts = facts || '{"jobValidUntil": null, "earlierJobs": [], "hoodPosition": null, "extractionCheck": null}'::jsonb;
update house_rules_reading set rules = '{"exposureBasis": "strictest", "shiftHours": 8, "surveyMonths": 12, "fitTestMonths": 12, "medicalMonths": 12}'::jsonb || rules;
delete from snapshot;
