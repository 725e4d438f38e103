-- Instruments that stay at bays, as they were last heard.
create table monitor_reading (
  site_id    text not null,
  monitor_id text not null,
  version    integer not null,
  monitor    jsonb not null,
  is_removed boolean not null,
  primary key (site_id, monitor_id)
);

-- Every value that an instrument told, once: told again it is the same row, and two that differ at one instant are two. Not derived:
-- what they come to stands in the record.
create table instrument_value (
  site_id    text not null,
  monitor_id text not null,
  at         timestamptz not null,
  value      double precision not null,
  told_at    timestamptz not null,
  primary key (site_id, monitor_id, at, value)
);

-- A key reads the clearance, or it tells readings. None does both.
alter table device_key add column purpose text not null default 'reads' check (purpose in ('reads', 'tells'));
