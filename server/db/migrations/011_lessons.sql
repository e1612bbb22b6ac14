-- A studio's own settings: region, what is taught, whether it was set up.
alter table studio add column settings jsonb not null default '{}';

-- When a pupil comes, and what the pupil learns where there is no exam.
alter table pupil
  add column lessons jsonb not null default '[]',
  add column learning jsonb not null default '{}';

-- What is written of a lesson on one day; the timetable says the rest.
create table lesson (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  pupil_id uuid not null,
  date text not null,
  document jsonb not null,
  version integer not null default 1,
  unique (studio_id, pupil_id, date),
  constraint lesson_of_pupil foreign key (studio_id, pupil_id) references pupil (studio_id, id) on delete cascade
);
create index lesson_by_pupil on lesson (pupil_id, studio_id);
create index lesson_by_date on lesson (studio_id, date);

-- What is set for a pupil from one lesson to the next.
create table week (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  pupil_id uuid not null,
  starts text not null,
  document jsonb not null,
  version integer not null default 1,
  unique (studio_id, pupil_id, starts),
  constraint week_of_pupil foreign key (studio_id, pupil_id) references pupil (studio_id, id) on delete cascade
);
create index week_by_pupil on week (pupil_id, studio_id);

-- Whoever has pupils already has been through the first door.
update studio set settings = '{"welcomed": true}' where exists (select from pupil where studio_id = studio.id);
