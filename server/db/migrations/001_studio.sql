-- Every row belongs to a studio; documents are JSON, checked at every door before they come here.
create table studio (
  id integer generated always as identity primary key,
  name text not null,
  teacher text not null default ''
);

create table pupil (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  name text not null check (length(name) between 1 and 80),
  instrument text not null check (instrument in ('piano', 'accordion', 'marimba')),
  note text not null default '',
  created_at timestamptz not null default clock_timestamp()
);

create table study (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  title text not null,
  recipe jsonb not null,
  -- the fingers that the teacher accepted, by hand: what was printed does not change by itself
  accepted jsonb not null,
  version integer not null default 1,
  created_at timestamptz not null default clock_timestamp(),
  updated_at timestamptz not null default clock_timestamp()
);
create index study_by_studio on study (studio_id, updated_at desc);

create table syllabus (
  studio_id integer not null references studio (id),
  id text not null,
  document jsonb not null,
  shipped boolean not null default false,
  created_at timestamptz not null default clock_timestamp(),
  primary key (studio_id, id)
);

create table study_set (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  pupil_id uuid not null references pupil (id),
  title text not null check (length(title) between 1 and 120),
  syllabus_id text,
  grade_id text,
  version integer not null default 1,
  created_at timestamptz not null default clock_timestamp(),
  updated_at timestamptz not null default clock_timestamp(),
  foreign key (studio_id, syllabus_id) references syllabus (studio_id, id)
);
create index study_set_by_pupil on study_set (pupil_id, created_at);

create table set_item (
  set_id uuid not null references study_set (id) on delete cascade,
  position integer not null,
  study_id uuid not null references study (id),
  primary key (set_id, position)
);
create index set_item_by_study on set_item (study_id);

-- one row for each batch of data that came with the program, so that it is laid down once
create table shipped_data (
  name text primary key,
  laid_at timestamptz not null default clock_timestamp()
);
