import type { Teacher, TeacherRole } from '#shared/people'
import type { Db } from './pool'

/** Who signs in, and what they must know. */
export interface Login {
  readonly id: string
  readonly studio: number
  readonly name: string
  readonly password: string | null
}

/** Those who may come in: who have not left, and substitutes until their last day. */
const MAY_COME = `left_at is null and (until is null or until >= current_date)`

/** Who bears a name; null where nobody does who may come in. */
export async function loginNamed(db: Db, name: string): Promise<Login | null> {
  const { rows } = await db.query<Login>(
    `select id, studio_id as studio, name, password from teacher where lower(name) = lower($1) and ${MAY_COME}`,
    [name.trim().normalize('NFC')],
  )
  return rows[0] ?? null
}

/** Who bears a name and has not left, invited or not; null where nobody does. */
export async function teacherNamed(db: Db, name: string): Promise<{ id: string; studio: number } | null> {
  const { rows } = await db.query<{ id: string; studio: number }>(
    'select id, studio_id as studio from teacher where lower(name) = lower($1) and left_at is null',
    [name.normalize('NFC')],
  )
  return rows[0] ?? null
}

/** Whether anybody can sign in at all. */
export async function hasOwner(db: Db): Promise<boolean> {
  const { rowCount } = await db.query(
    `select from teacher where role = 'owner' and password is not null and left_at is null limit 1`,
  )
  return rowCount === 1
}

interface NewTeacher {
  readonly name: string
  readonly role: TeacherRole
  readonly password: string | null
  readonly until?: string | null
}

/** Adds a teacher to a studio. @throws of the database where the name is taken (23505) */
export async function insertTeacher(
  db: Db,
  studio: number,
  { name, role, password, until = null }: NewTeacher,
): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    'insert into teacher (studio_id, name, role, password, until) values ($1, $2, $3, $4, $5) returning id',
    [studio, name.normalize('NFC'), role, password, until],
  )
  return rows[0]!.id
}

/** Whatever was nobody's in a studio becomes a teacher's. */
export async function giveAll(db: Db, studio: number, teacher: string): Promise<void> {
  for (const table of ['pupil', 'trash', 'bulk_edit'])
    await db.query(`update ${table} set teacher_id = $2 where studio_id = $1 and teacher_id is null`, [studio, teacher])
}

/** Who works in a studio, in the order of their names; those who have left last. */
export async function listTeachers(db: Db, studio: number): Promise<Teacher[]> {
  const { rows } = await db.query<Teacher>(
    `select id, name, role, to_char(until, 'YYYY-MM-DD') as until, password is not null as joined,
       left_at is not null as left,
       (select count(*)::int from pupil where studio_id = $1 and teacher_id = teacher.id and archived_at is null) as pupils,
       (select count(distinct pupil.id)::int from pupil
          join study_set on study_set.pupil_id = pupil.id join aim on aim.set_id = study_set.id
        where pupil.studio_id = $1 and pupil.teacher_id = teacher.id and pupil.archived_at is null
          and aim.document->>'exam' >= to_char(current_date, 'YYYY-MM-DD')) as exams,
       (select count(*)::int from pupil where pupil.studio_id = $1 and teacher_id = teacher.id and archived_at is null
          and not exists (select from record_entry where record_entry.pupil_id = pupil.id
            and record_entry.document->>'date' >= to_char(current_date - 14, 'YYYY-MM-DD'))) as quiet
     from teacher where studio_id = $1 order by left_at is not null, name`,
    [studio],
  )
  return rows
}

/** One of them, without counting what is theirs; null where there is none. */
export async function getTeacher(
  db: Db,
  studio: number,
  id: string,
): Promise<Pick<Teacher, 'id' | 'name' | 'role' | 'left'> | null> {
  const { rows } = await db.query<Pick<Teacher, 'id' | 'name' | 'role' | 'left'>>(
    'select id, name, role, left_at is not null as left from teacher where studio_id = $1 and id = $2',
    [studio, id],
  )
  return rows[0] ?? null
}

/** Sets a password. @returns false where there is no such teacher */
export async function setPassword(db: Db, studio: number, id: string, password: string): Promise<boolean> {
  const { rowCount } = await db.query(
    'update teacher set password = $3 where studio_id = $1 and id = $2 and left_at is null',
    [studio, id, password],
  )
  return rowCount === 1
}

/** A teacher leaves: nobody signs in under this name any more. @returns false where there is no such teacher */
export async function leaveStudio(db: Db, studio: number, id: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `update teacher set left_at = clock_timestamp(), password = null
     where studio_id = $1 and id = $2 and left_at is null and role <> 'owner'`,
    [studio, id],
  )
  return rowCount === 1
}

/** Pupils of one teacher become another's. @returns how many */
export async function handOverAll(db: Db, studio: number, from: string, to: string): Promise<number> {
  const { rowCount } = await db.query('update pupil set teacher_id = $3 where studio_id = $1 and teacher_id = $2', [
    studio,
    from,
    to,
  ])
  return rowCount ?? 0
}

/** @returns false where there is no such pupil */
export async function handOver(db: Db, studio: number, pupil: string, to: string): Promise<boolean> {
  const { rowCount } = await db.query('update pupil set teacher_id = $3 where studio_id = $1 and id = $2', [
    studio,
    pupil,
    to,
  ])
  return rowCount === 1
}
