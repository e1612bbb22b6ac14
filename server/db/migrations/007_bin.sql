-- Sets, mock exams and lists that were thrown away, whole, so that they can be put back as they were.
create table thrown_away (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  what text not null check (what in ('set', 'exam', 'syllabus')),
  title text not null,
  document jsonb not null,
  thrown_at timestamptz not null default clock_timestamp()
);
create index thrown_away_by_studio on thrown_away (studio_id, thrown_at desc);
