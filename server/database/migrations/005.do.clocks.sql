-- What a clock could not do, set aside with its reason until it is tried again. Not derived: a rebuild keeps it.
create table clock_trouble (
  site_id   text not null,
  stream_id text not null,
  kind      text not null,
  due_at    timestamptz not null,
  tries     integer not null,
  retry_at  timestamptz not null,
  because   text not null,
  primary key (site_id, stream_id, kind)
);

-- Read-only keys of lamps, walls and interlocks. The key itself is shown once; its digest is kept until it is revoked. Not derived:
-- that there is a key, and what it is called, stands in the record.
create table device_key (
  site_id    text not null,
  key_id     text not null,
  key_sha256 text not null unique,
  primary key (site_id, key_id)
);

-- The shape of what is derived. Where it is not the one this program writes, everything derived is folded anew at the start.
create table read_shape (
  one   boolean primary key default true check (one),
  shape integer not null
);
