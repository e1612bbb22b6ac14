-- The record: what was played. Entries are only added; what was wrong is put right by another entry that names it.
create table record_entry (
  id uuid primary key,
  studio_id integer not null references studio (id),
  pupil_id uuid not null references pupil (id) on delete cascade,
  -- the study that it was of, which may be gone; its recipe as it then stood is in the document
  study_id uuid,
  corrects uuid references record_entry (id) on delete cascade,
  document jsonb not null,
  added_at timestamptz not null default clock_timestamp(),
  -- entries of one moment stay in the order in which they were sent
  place bigint generated always as identity
);
create index record_by_pupil on record_entry (studio_id, pupil_id, place);

create function refuse_change() returns trigger language plpgsql as $$
begin
  raise exception 'entries of the record are only added';
end $$;
create trigger record_is_added_to before update on record_entry for each row execute function refuse_change();

-- what a set is practised towards: the exam's day, minutes and days, what was put into which week
create table aim (
  set_id uuid primary key references study_set (id) on delete cascade,
  studio_id integer not null references studio (id),
  document jsonb not null,
  version integer not null default 1
);

-- a teacher's own way through the studies of a family, for all schools ('') or for one
create table route (
  studio_id integer not null references studio (id),
  family text not null,
  school text not null default '',
  steps jsonb not null,
  version integer not null default 1,
  primary key (studio_id, family, school)
);

-- what a mock exam says of an item is whether the set had it, not whether it was ready
update exam set document = jsonb_set(document, '{items}', (
  select coalesce(jsonb_agg((item - 'ready') || jsonb_build_object('printed', coalesce(item->'ready', 'false')) order by place), '[]')
  from jsonb_array_elements(document->'items') with ordinality as listed (item, place)));
