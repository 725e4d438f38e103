-- Devices that somebody of the site signed in on. Each acts for who did so last, until it is taken back. Not derived.
create table device (
  site_id      text not null,
  device_id    text not null,
  name         text not null,
  person_id    text not null,
  first_at     timestamptz not null,
  signed_in_at timestamptz not null,
  primary key (site_id, device_id)
);
create index device_of on device (site_id, person_id);

-- Sessions stand on the server: one that is ended here is ended, whatever cookie somebody kept. They take the place of the epoch.
create table session (
  session_id text primary key,
  site_id    text not null,
  person_id  text not null,
  device_id  text not null,
  opened_at  timestamptz not null
);
create index session_of on session (site_id, person_id);
create index session_on on session (site_id, device_id);

alter table credential
  drop column session_epoch,
  -- A one-time code that was handed over: with it, and nothing else, its owner sets a password and a PIN.
  add column code_sha256 text,
  add column code_until timestamptz,
  -- After a reset nobody signs until then: the owner was told, and has the time to say that it was not them.
  add column signs_from timestamptz;

-- A screen is somebody's: two of one person are one that hears.
delete from screen_heard;
alter table screen_heard add column person_id text not null;
