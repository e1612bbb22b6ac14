-- A studio that the program made up is told from a teacher's own; the page opens the one that was opened last.
alter table studio
  add column is_demo boolean not null default false,
  add column opened_at timestamptz;

-- A pupil's name and note are saved over the version that was seen.
alter table pupil add column version integer not null default 1;

-- That a pupil was erased wholly, when, and how much it was: not who, nor what.
create table erasure (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  document jsonb not null,
  erased_at timestamptz not null default clock_timestamp()
);
create index erasure_by_studio on erasure (studio_id, erased_at desc);
