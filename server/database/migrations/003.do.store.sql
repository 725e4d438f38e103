-- Gas and Kit: things with tags, cylinders, places, check lists and notices. All derived.

create table item_reading (
  site_id     text not null,
  tag_id      text collate "C" not null,
  version     integer not null,
  kind        text not null,
  assigned_to text,
  assigned_ids text[] not null,
  is_out      boolean not null,
  is_retired  boolean not null,
  -- The soonest day on which something by the calendar falls due; -infinity is now, null is never.
  due_on      date,
  item        jsonb not null,
  primary key (site_id, tag_id)
);
create index item_assigned on item_reading using gin (assigned_ids);
create index item_due on item_reading (site_id, due_on, tag_id) where not is_retired and due_on is not null;
create index item_out on item_reading (site_id, tag_id) where is_out and not is_retired;
create index item_kind on item_reading (site_id, kind, tag_id);

create table cylinder_reading (
  site_id     text not null,
  tag_id      text collate "C" not null,
  version     integer not null,
  place_id    text,
  bay_id      text,
  is_returned boolean not null,
  cylinder    jsonb not null,
  primary key (site_id, tag_id)
);
create index cylinder_bay on cylinder_reading (site_id, bay_id) where bay_id is not null;
create index cylinder_here on cylinder_reading (site_id, tag_id) where not is_returned;

create table place_reading (
  site_id  text not null,
  place_id text not null,
  version  integer not null,
  place    jsonb not null,
  primary key (site_id, place_id)
);

create table check_lists_reading (
  site_id text primary key,
  version integer not null,
  lists   jsonb not null
);

create table notice_reading (
  site_id   text not null,
  notice_id text not null,
  version   integer not null,
  about     text not null,
  given_at  timestamptz not null,
  notice    jsonb not null,
  primary key (site_id, notice_id)
);
create index notice_about on notice_reading (site_id, about, given_at desc);

-- One row for each person told; told means seen, until then it is not yet seen.
create table notice_told (
  site_id   text not null,
  notice_id text not null,
  person_id text not null,
  seen_at   timestamptz,
  primary key (site_id, notice_id, person_id)
);
create index notice_unseen on notice_told (site_id, person_id) where seen_at is null;

alter table person_reading add column competences text[] not null default '{}';

-- Facts folded before there was a handover, and rules chosen before there were rules for gas.
update station_reading set facts = facts || '{"handover": null}'::jsonb;
update house_rules_reading set rules = '{"settlingRule": "longer-of-hour-and-lying", "regulatorRule": "off-weekly", "weekEndsOn": 5, "pastDueHolds": false, "storageBasis": "us"}'::jsonb || rules;
delete from snapshot;
