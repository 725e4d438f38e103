-- The record: streams of events, append-only. Everything else here is derived, or erasable, or both.

create table site_position (
  site_id  text primary key,
  position bigint not null default 0
);

create table stream (
  site_id   text not null,
  stream_id text not null,
  version   integer not null default 0,
  head_hash text not null default '',
  primary key (site_id, stream_id)
);

-- body is the canonical text (RFC 8785) of the whole event, and what is hashed; the columns beside it are read out of it.
create table event (
  site_id         text not null,
  stream_id       text not null,
  version         integer not null,
  position        bigint not null,
  type            text not null,
  body            text not null,
  body_json       jsonb not null generated always as (body::jsonb) stored,
  prev_hash       text not null,
  hash            text not null,
  recorded_at     timestamptz not null,
  actor_kind      text not null check (actor_kind in ('person', 'device', 'clock')),
  actor_person_id text,
  command_id      uuid not null,
  primary key (site_id, stream_id, version),
  unique (site_id, position)
);

create function refuse_change() returns trigger language plpgsql as $$
begin
  raise exception 'the record is append-only: % on % is refused', tg_op, tg_table_name using errcode = 'insufficient_privilege';
end $$;

create trigger event_is_append_only before update or delete on event for each row execute function refuse_change();
create trigger event_is_never_truncated before truncate on event for each statement execute function refuse_change();

-- Folding a long stream starts from here. Derived.
create table snapshot (
  site_id   text not null,
  stream_id text not null,
  version   integer not null,
  format    integer not null,
  state     jsonb not null,
  primary key (site_id, stream_id)
);

-- The first answer to every command, given again when the same command comes again.
create table command_answer (
  site_id        text not null,
  command_id     uuid not null,
  request_sha256 text not null,
  status         integer,
  answer         jsonb,
  recorded_at    timestamptz not null,
  primary key (site_id, command_id)
);

-- What falls due, whichever process wakes first. Derived from the streams.
create table deadline (
  site_id   text not null,
  stream_id text not null,
  kind      text not null,
  due_at    timestamptz not null,
  primary key (site_id, stream_id, kind)
);
create index deadline_due on deadline (due_at);

-- Read tables, derived from the events: dropping and rebuilding them gives the same rows.
create table site_reading (
  site_id text primary key,
  version integer not null,
  site    jsonb not null
);

create table house_rules_reading (
  site_id text primary key,
  version integer not null,
  rules   jsonb not null
);

create table station_reading (
  site_id   text not null,
  bay_id    text not null,
  version   integer not null,
  person_id text,
  stopped   boolean not null,
  facts     jsonb not null,
  primary key (site_id, bay_id)
);

create table person_reading (
  site_id   text not null,
  person_id text not null,
  version   integer not null,
  name      text not null,
  roles     text[] not null,
  area_id   text,
  bay_id    text,
  has_left  boolean not null,
  pin_set   boolean not null,
  primary key (site_id, person_id)
);

-- Secrets: never in the chain, erasable, not derived.
create table credential (
  site_id        text not null,
  person_id      text not null,
  login_name     text not null,
  password_hash  text,
  pin_hash       text,
  is_demo        boolean not null default false,
  session_epoch  integer not null default 0,
  primary key (site_id, person_id)
);
create unique index credential_login on credential (lower(login_name));

-- Wrong tries, by what was tried (a sign-in name, or a person's PIN), known or not: equal treatment tells nothing.
create table failed_try (
  subject      text primary key,
  tries        integer not null,
  locked_until timestamptz,
  last_at      timestamptz not null
);

-- With the demo off, the first start prints a one-time code that opens the first run.
create table first_run (
  code_sha256 text primary key,
  created_at  timestamptz not null,
  used_at     timestamptz
);

-- What all processes of one installation share: the key that seals session cookies. Only the owner reads it.
create table installation_secret (
  name   text primary key,
  secret text not null
);
