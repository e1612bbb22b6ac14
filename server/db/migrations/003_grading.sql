-- how a pupil plays, and what was chosen for them where a list leaves a choice
alter table pupil add column preferences jsonb not null default '{}';

-- what counts for a set, and up to which version of its list it was last brought
alter table study_set
  add column policies jsonb not null default '{}',
  add column syllabus_version integer;

alter table syllabus
  add column version integer not null default 1,
  add column updated_at timestamptz not null default clock_timestamp();

-- what a list said before it was changed
create table syllabus_past (
  studio_id integer not null,
  id text not null,
  version integer not null,
  document jsonb not null,
  saved_at timestamptz not null default clock_timestamp(),
  primary key (studio_id, id, version),
  foreign key (studio_id, id) references syllabus (studio_id, id) on delete cascade
);

-- mock exams as they were held: what was called, how it was marked
create table exam (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  pupil_id uuid not null references pupil (id),
  set_id uuid references study_set (id) on delete set null,
  document jsonb not null,
  held_at timestamptz not null default clock_timestamp()
);
create index exam_by_pupil on exam (pupil_id, held_at desc);

-- recipes that were stored before contrary motion could begin an octave apart begin on one key
update study set recipe = '{"contraryFrom": "unison"}'::jsonb || recipe;
