-- Pupils who come no more are out of the way, with their sets and their record; those thrown away lie in the bin whole.
alter table pupil add column archived_at timestamptz;
alter table thrown_away
  drop constraint thrown_away_what_check,
  add constraint thrown_away_what_check check (what in ('pupil', 'set', 'exam', 'syllabus'));

-- How studies stood before several of them were changed at once, so that the change can be taken back as one.
create table change_of_many (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  studies jsonb not null,
  done_at timestamptz not null default clock_timestamp()
);
