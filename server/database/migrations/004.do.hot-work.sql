-- Hot work: permits, who is kept free for them, who stands on post. All derived, but for screens, which are merely heard.

create extension if not exists btree_gist;

create table permit_reading (
  site_id   text not null,
  permit_id text not null,
  version   integer not null,
  code      text not null,
  token     text not null,
  phase     text not null,
  is_open   boolean not null,
  bay_id    text,
  place_id  text,
  -- The next instant at which something falls due; null when nothing does.
  turn_at   timestamptz,
  permit    jsonb not null,
  primary key (site_id, permit_id)
);
create index permit_turn on permit_reading (site_id, turn_at, permit_id) where is_open;
create index permit_at_bay on permit_reading (site_id, bay_id) where is_open and bay_id is not null;
create index permit_ended on permit_reading (site_id, permit_id) where not is_open;
create index permit_by_code on permit_reading (code);
create index permit_by_token on permit_reading (token);

-- One person, one task at a time: whoever watches has nothing else to do.
create table permit_duty (
  site_id   text not null,
  permit_id text not null,
  person_id text not null,
  task      text not null check (task in ('watch', 'work')),
  during    tstzrange not null,
  primary key (site_id, permit_id, person_id),
  constraint one_task_at_a_time exclude using gist (site_id with =, person_id with =, during with &&)
);

-- On post now: nobody in two places.
create table permit_post (
  site_id   text not null,
  person_id text not null,
  permit_id text not null,
  constraint one_post primary key (site_id, person_id)
);

-- Screens of people signed in, and when each was last heard. Not derived.
create table screen_heard (
  site_id   text not null,
  device_id text not null,
  heard_at  timestamptz not null,
  primary key (site_id, device_id)
);

-- Facts folded before there was a fire check, and rules chosen before there were rules for hot work.
update station_reading set facts = facts || '{"fireCheck": null}'::jsonb;
update house_rules_reading set rules = '{"radiusRule": "35-ft", "watchAfterMin": 60, "monitoringMin": 180, "roundEveryMin": 15, "visitEveryMin": 30, "coverGapMin": 5, "gasRetestMin": 120, "lelLimitPercent": 0, "oxygenMaxPercent": 22, "longestPermitHours": 8, "authorisingRule": "lead-and-authorisers", "emergencyNumber": "", "firePointNumber": "", "firstAidNumber": "", "gasSupplierNumber": ""}'::jsonb || rules;
delete from snapshot;
