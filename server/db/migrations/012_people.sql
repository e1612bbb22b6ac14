-- Who works in a studio. Without teachers a studio is its machine's own, and nobody signs in.
create table teacher (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  name text not null check (length(name) between 1 and 80),
  role text not null check (role in ('owner', 'teacher', 'substitute')),
  -- as scrypt left it; nobody can sign in without one
  password text,
  -- the last day of a substitute
  until date,
  created_at timestamptz not null default clock_timestamp(),
  left_at timestamptz,
  constraint teacher_in_studio unique (studio_id, id)
);
-- one who has left leaves the name to others
create unique index teacher_by_name on teacher (lower(name)) where left_at is null;

-- Who is signed in where; of the cookie's secret only a hash is here.
create table session (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  teacher_id uuid not null,
  token_hash bytea not null unique,
  -- the browser, as it calls itself
  agent text not null default '',
  made_at timestamptz not null default clock_timestamp(),
  seen_at timestamptz not null default clock_timestamp(),
  constraint session_of_teacher foreign key (studio_id, teacher_id) references teacher (studio_id, id) on delete cascade
);
create index session_by_teacher on session (teacher_id, studio_id);
create index session_by_studio on session (studio_id);

-- One-time addresses: an invitation, or a new password.
create table invitation (
  id uuid primary key default gen_random_uuid(),
  studio_id integer not null references studio (id),
  teacher_id uuid not null,
  token_hash bytea not null unique,
  made_at timestamptz not null default clock_timestamp(),
  expires_at timestamptz not null,
  constraint invitation_for_teacher foreign key (studio_id, teacher_id) references teacher (studio_id, id)
    on delete cascade
);
create index invitation_by_teacher on invitation (teacher_id, studio_id);
create index invitation_by_studio on invitation (studio_id);

-- The setting of whoever asks, as the service says at the start of each transaction (server/db/scope.ts).
create function asking_studio() returns integer language sql stable as
  $$ select nullif(current_setting('tactum.studio', true), '')::integer $$;
create function asking_as() returns text language sql stable as
  $$ select coalesce(nullif(current_setting('tactum.who', true), ''), 'nobody') $$;
create function asking_teacher() returns uuid language sql stable as
  $$ select nullif(current_setting('tactum.teacher', true), '')::uuid $$;
create function asking_pupil() returns uuid language sql stable as
  $$ select nullif(current_setting('tactum.pupil', true), '')::uuid $$;

-- A pupil is one teacher's; what a teacher throws away or changes in many is that teacher's too.
alter table pupil
  add column teacher_id uuid default asking_teacher(),
  add constraint pupil_of_teacher foreign key (studio_id, teacher_id) references teacher (studio_id, id)
    on delete set null (teacher_id);
create index pupil_by_teacher on pupil (teacher_id, studio_id);
alter table trash
  add column teacher_id uuid default asking_teacher(),
  add constraint trash_of_teacher foreign key (studio_id, teacher_id) references teacher (studio_id, id)
    on delete set null (teacher_id);
create index trash_by_teacher on trash (teacher_id, studio_id);
alter table bulk_edit
  add column teacher_id uuid default asking_teacher(),
  add constraint bulk_edit_of_teacher foreign key (studio_id, teacher_id) references teacher (studio_id, id)
    on delete set null (teacher_id);
create index bulk_edit_by_teacher on bulk_edit (teacher_id, studio_id);

-- Pupils whom another teacher sees as well, for good or until a day.
create table pupil_share (
  studio_id integer not null references studio (id),
  pupil_id uuid not null,
  teacher_id uuid not null,
  until date,
  primary key (pupil_id, teacher_id),
  constraint share_of_pupil foreign key (studio_id, pupil_id) references pupil (studio_id, id) on delete cascade,
  constraint share_with_teacher foreign key (studio_id, teacher_id) references teacher (studio_id, id) on delete cascade
);
create index pupil_share_by_pupil on pupil_share (pupil_id, studio_id);
create index pupil_share_by_teacher on pupil_share (teacher_id, studio_id);
create index pupil_share_by_studio on pupil_share (studio_id);

-- The address of a pupil's own page: known by its hash; sealed with a key that is not here, so that it can be printed again.
create table pupil_link (
  pupil_id uuid primary key,
  studio_id integer not null references studio (id),
  token_hash bytea not null unique,
  sealed text not null,
  made_at timestamptz not null default clock_timestamp(),
  opened_at timestamptz,
  constraint link_of_pupil foreign key (studio_id, pupil_id) references pupil (studio_id, id) on delete cascade
);
create index pupil_link_by_pupil on pupil_link (pupil_id, studio_id);
create index pupil_link_by_studio on pupil_link (studio_id);

-- How often something was tried (rate-limiter-flexible); what is counted is named by a hash.
create table rate_limit (
  key varchar(255) primary key,
  points integer not null default 0,
  expire bigint
);

-- Ids that are taken, also by rows that whoever asks does not see: no more is said of them.
create function known_ids(kind regclass, ids uuid[]) returns setof uuid language plpgsql stable security definer
  set search_path = public, pg_temp as $$
begin
  return query execute format('select id from %s where id = any($1)', kind) using ids;
end $$;

-- The walls. A row is seen by whoever asks as:
--   machine  all that is on one's own machine, where nobody signs in
--   office   all of one studio: on one's own machine, and its owner where people and pupils are put in order
--   teacher  what the teachers of a studio share, and the pupils of this teacher or shared with this teacher
--   pupil    what is set for one pupil, and the pupil's record
--   door     who may come in, and nothing else
-- The owner of the tables, who migrates and copies them, is not asked.
do $$
declare
  wall record;
  here constant text := 'studio_id = (select asking_studio())';
  everywhere constant text := '(select asking_as()) = ''machine''';
  grown constant text := '(select asking_as()) in (''office'', ''teacher'')';
begin
  for wall in
    select * from (values
      ('study', grown, grown),
      ('syllabus', grown, grown),
      ('syllabus_past', grown, grown),
      ('route', grown, grown),
      ('erasure', grown, grown),
      ('bulk_edit', '((select asking_as()) = ''office'' or (select asking_as()) = ''teacher'' and (teacher_id is null or teacher_id = (select asking_teacher())))', grown),
      ('trash', '((select asking_as()) = ''office'' or (select asking_as()) = ''teacher'' and (teacher_id = (select asking_teacher()) or what = ''syllabus''))', grown),
      ('pupil', 'case (select asking_as()) when ''office'' then true
         when ''teacher'' then teacher_id = (select asking_teacher()) or id in (
           select pupil_id from pupil_share where pupil_share.teacher_id = (select asking_teacher())
             and pupil_share.studio_id = (select asking_studio()) and (until is null or until >= current_date))
         when ''pupil'' then id = (select asking_pupil()) else false end', grown),
      ('study_set', 'pupil_id in (select id from pupil)', grown),
      ('exam', 'pupil_id in (select id from pupil)', grown),
      ('lesson', 'pupil_id in (select id from pupil)', grown),
      ('week', 'pupil_id in (select id from pupil)', grown),
      ('record_entry', 'pupil_id in (select id from pupil)', 'true'),
      ('pupil_share', '((select asking_as()) = ''office'' or teacher_id = (select asking_teacher()))', '(select asking_as()) = ''office'''),
      ('set_item', 'set_id in (select id from study_set)', grown),
      ('aim', 'set_id in (select id from study_set)', grown)
    ) as walls (name, seen, added)
  loop
    execute format('alter table %I enable row level security', wall.name);
    execute format('create policy seen on %I for select using (%s or %s and %s)', wall.name, everywhere, here, wall.seen);
    execute format('create policy added on %I for insert with check (%s or %s and %s and %s)',
      wall.name, everywhere, here, wall.seen, wall.added);
    -- to hold a row is to update it, for PostgreSQL; what it becomes is asked in the second place
    execute format('create policy changed on %I for update using (%s or %s and %s) with check (%s or %s and %s and %s)',
      wall.name, everywhere, here, wall.seen, everywhere, here, wall.seen, grown);
    execute format('create policy removed on %I for delete using (%s or %s and %s and %s)',
      wall.name, everywhere, here, wall.seen, grown);
  end loop;
end $$;

alter table studio enable row level security;
create policy seen on studio using (asking_as() = 'machine' or id = asking_studio())
  with check (asking_as() = 'machine' or id = asking_studio() and asking_as() in ('office', 'teacher'));

-- who may come in is asked before it is known whose they are
alter table teacher enable row level security;
create policy seen on teacher using (asking_as() in ('machine', 'door') or studio_id = asking_studio() and asking_as() in ('office', 'teacher'));
alter table session enable row level security;
create policy seen on session using (asking_as() in ('machine', 'door') or studio_id = asking_studio()
  and (asking_as() = 'office' or asking_as() = 'teacher' and teacher_id = asking_teacher()));
alter table invitation enable row level security;
create policy seen on invitation using (asking_as() in ('machine', 'door') or studio_id = asking_studio() and asking_as() = 'office');
alter table pupil_link enable row level security;
create policy seen on pupil_link using (asking_as() in ('machine', 'door') or studio_id = asking_studio() and pupil_id in (select id from pupil));
