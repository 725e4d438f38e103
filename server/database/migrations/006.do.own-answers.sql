-- What the house itself does (its clock, and what one command brings about elsewhere) keeps its answers apart from those of
-- commands that came from outside: an id that a client can guess must not be one that the house will use.
alter table command_answer
  add column by_house boolean not null default false,
  -- Who sent it, where that was a person: nobody is given another's answer, or replays what another did.
  add column person_id text;
alter table command_answer drop constraint command_answer_pkey;
alter table command_answer add primary key (site_id, by_house, command_id);
