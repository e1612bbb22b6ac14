import type { Trashed } from '#shared/api'
import { currentDocument, formatOf } from '#shared/documents'
import type { Db } from './pool'
import { insertRows } from './rows'

type What = Trashed['what']

/** What of a thing is kept: its rows as they are, and what goes with it. */
const TAKEN: Readonly<Record<What, string>> = {
  pupil: `insert into trash (studio_id, what, title, document)
    select studio_id, 'pupil', name, jsonb_build_object(
      'format', $3::text, 'row', to_jsonb(pupil),
      'sets', (select coalesce(jsonb_agg(to_jsonb(study_set)), '[]') from study_set where pupil_id = pupil.id),
      'items', (select coalesce(jsonb_agg(to_jsonb(set_item) order by set_id, position), '[]') from set_item
        join study_set on study_set.id = set_id where pupil_id = pupil.id),
      'aims', (select coalesce(jsonb_agg(to_jsonb(aim)), '[]') from aim
        join study_set on study_set.id = set_id where pupil_id = pupil.id),
      'exams', (select coalesce(jsonb_agg(to_jsonb(exam)), '[]') from exam where pupil_id = pupil.id),
      'entries', (select coalesce(jsonb_agg(to_jsonb(entry) order by place), '[]') from record_entry entry
        where pupil_id = pupil.id),
      'lessons', (select coalesce(jsonb_agg(to_jsonb(lesson)), '[]') from lesson where pupil_id = pupil.id),
      'weeks', (select coalesce(jsonb_agg(to_jsonb(week)), '[]') from week where pupil_id = pupil.id))
    from pupil where studio_id = $1 and id = $2::uuid`,
  set: `insert into trash (studio_id, what, title, document)
    select studio_id, 'set', title, jsonb_build_object(
      'format', $3::text, 'row', to_jsonb(study_set),
      'items', (select coalesce(jsonb_agg(study_id order by position), '[]') from set_item where set_id = study_set.id),
      'aim', (select to_jsonb(aim) from aim where set_id = study_set.id),
      'exams', (select coalesce(jsonb_agg(exam.id), '[]') from exam where set_id = study_set.id))
    from study_set where studio_id = $1 and id = $2::uuid`,
  exam: `insert into trash (studio_id, what, title, document)
    select studio_id, 'exam', document->>'setTitle', jsonb_build_object('format', $3::text, 'row', to_jsonb(exam))
    from exam where studio_id = $1 and id = $2::uuid`,
  syllabus: `insert into trash (studio_id, what, title, document)
    select studio_id, 'syllabus', document->>'title', jsonb_build_object(
      'format', $3::text, 'row', to_jsonb(syllabus),
      'past', (select coalesce(jsonb_agg(to_jsonb(past)), '[]') from syllabus_past past
        where past.studio_id = syllabus.studio_id and past.id = syllabus.id))
    from syllabus where studio_id = $1 and id = $2`,
}

/**
 * The statements that lock a thing and what goes with it, in turn. Whoever adds to it has held it before and is done by
 * then, or finds it gone. What is read comes after, in a statement of its own: one that had to wait for its lock still
 * sees what was there before it waited.
 */
const LOCKED: Readonly<Record<What, readonly string[]>> = {
  pupil: [
    'select from pupil where studio_id = $1 and id = $2::uuid for update',
    'select from study_set where studio_id = $1 and pupil_id = $2::uuid order by id for update',
  ],
  set: ['select from study_set where studio_id = $1 and id = $2::uuid for update'],
  exam: ['select from exam where studio_id = $1 and id = $2::uuid for update'],
  syllabus: ['select from syllabus where studio_id = $1 and id = $2 for update'],
}

/** The statements that take a thing away, in turn; each by itself. */
const DELETED: Readonly<Record<What, readonly string[]>> = {
  pupil: [
    'delete from exam where studio_id = $1 and pupil_id = $2::uuid',
    'delete from study_set where studio_id = $1 and pupil_id = $2::uuid',
    'delete from pupil where studio_id = $1 and id = $2::uuid',
  ],
  set: ['delete from study_set where studio_id = $1 and id = $2::uuid'],
  exam: ['delete from exam where studio_id = $1 and id = $2::uuid'],
  syllabus: ['delete from syllabus where studio_id = $1 and id = $2'],
}

/**
 * Takes a thing away and keeps it whole. Run it in a transaction.
 * @returns the id by which it is put back; null where there is no such thing
 */
export async function moveToTrash(db: Db, studio: number, what: What, id: string): Promise<string | null> {
  for (const statement of LOCKED[what]) await db.query(statement, [studio, id])
  const { rows } = await db.query<{ id: string }>(`${TAKEN[what]} returning id`, [studio, id, formatOf('trash')])
  if (!rows[0]) return null
  for (const statement of DELETED[what]) await db.query(statement, [studio, id])
  return rows[0].id
}

/** What lies in the bin besides studies, the latest first. */
export async function listTrash(db: Db, studio: number): Promise<Trashed[]> {
  const { rows } = await db.query<{ id: string; what: What; title: string; trashed_at: Date }>(
    'select id, what, title, trashed_at from trash where studio_id = $1 order by trashed_at desc, id limit 500',
    [studio],
  )
  return rows.map(({ trashed_at, ...row }) => ({ ...row, trashedAt: trashed_at.toISOString() }))
}

/** A row as it was stored; columns that are read here are named. */
interface Row {
  readonly id: string
  readonly set_id?: string | null
  readonly syllabus_id?: string | null
  readonly pupil_id?: string
}

/** What was stored of a thing: its row, and what went with it. */
interface Contents {
  readonly row: Row
  readonly sets?: readonly Row[]
  /** Of a pupil rows with set, position and study; of a set ids of studies. */
  readonly items?: readonly (
    string | { readonly set_id: string; readonly position: number; readonly study_id: string }
  )[]
  readonly aims?: readonly object[]
  readonly aim?: object | null
  readonly exams?: readonly (Row | string)[]
  readonly entries?: readonly object[]
  readonly past?: readonly object[]
  readonly lessons?: readonly object[]
  readonly weeks?: readonly object[]
}

/** A list that is gone meanwhile grades no set. */
async function graded(db: Db, studio: number, sets: readonly Row[]): Promise<Row[]> {
  const { rows } = await db.query<{ id: string }>('select id from syllabus where studio_id = $1', [studio])
  const lists = new Set(rows.map(({ id }) => id))
  return sets.map((set) =>
    !set.syllabus_id || lists.has(set.syllabus_id) ? set : { ...set, syllabus_id: null, grade_id: null },
  )
}

/** An exam of a set that is gone meanwhile stays, without it. */
async function ofSets(db: Db, studio: number, exams: readonly Row[]): Promise<Row[]> {
  const { rows } = await db.query<{ id: string }>(
    'select id from study_set where studio_id = $1 and id = any($2::uuid[])',
    [studio, exams.flatMap(({ set_id }) => set_id ?? [])],
  )
  const sets = new Set(rows.map(({ id }) => id))
  return exams.map((exam) => (exam.set_id && sets.has(exam.set_id) ? exam : { ...exam, set_id: null }))
}

/** Studies of a set take their places again, out of the bin where they lie there; what is gone for good leaves none. */
async function fillSet(db: Db, studio: number, setId: string, studyIds: readonly string[]): Promise<void> {
  await db.query('update study set binned_at = null where studio_id = $1 and id = any($2::uuid[])', [studio, studyIds])
  await db.query(
    `insert into set_item (studio_id, set_id, position, study_id)
     select $1, $2, row_number() over (order by place) - 1, study.id
     from unnest($3::uuid[]) with ordinality as item (id, place)
     join study on study.id = item.id and study.studio_id = $1`,
    [studio, setId, studyIds],
  )
}

type Restore = (db: Db, studio: number, contents: Contents) => Promise<void>
const RESTORED: Readonly<Record<What, Restore>> = {
  async pupil(db, studio, { row, sets = [], items = [], aims = [], exams = [], entries = [], ...own }) {
    await insertRows(db, studio, 'pupil', [row])
    await insertRows(db, studio, 'study_set', await graded(db, studio, sets))
    const placed = items.filter((item) => typeof item !== 'string')
    for (const { id } of sets) {
      const own = placed.filter(({ set_id }) => set_id === id).toSorted((a, b) => a.position - b.position)
      const studyIds = own.map(({ study_id }) => study_id)
      await fillSet(db, studio, id, studyIds)
    }
    await insertRows(db, studio, 'aim', aims)
    const held = exams.filter((exam) => typeof exam !== 'string')
    await insertRows(db, studio, 'exam', await ofSets(db, studio, held))
    await insertRows(db, studio, 'record_entry', entries)
    await insertRows(db, studio, 'lesson', own.lessons ?? [])
    await insertRows(db, studio, 'week', own.weeks ?? [])
  },
  async set(db, studio, { row, items = [], aim, exams = [] }) {
    await insertRows(db, studio, 'study_set', await graded(db, studio, [row]))
    const studyIds = items.filter((item) => typeof item === 'string')
    await fillSet(db, studio, row.id, studyIds)
    if (aim) await insertRows(db, studio, 'aim', [aim])
    await db.query('update exam set set_id = $2 where studio_id = $1 and id = any($3::uuid[])', [studio, row.id, exams])
  },
  async exam(db, studio, { row }) {
    await insertRows(db, studio, 'exam', await ofSets(db, studio, [row]))
  },
  async syllabus(db, studio, { row, past = [] }) {
    await insertRows(db, studio, 'syllabus', [row])
    await insertRows(db, studio, 'syllabus_past', past)
  },
}

/** A thing in the trash, with its row and what went with it. */
interface Stored {
  readonly what: What
  readonly document: Contents
}

/** A thing as it was stored; null where there is none in the trash. Nobody else restores it meanwhile. */
export async function getTrashed(db: Db, studio: number, id: string): Promise<Stored | null> {
  const { rows } = await db.query<{ what: What; document: object }>(
    'select what, document from trash where studio_id = $1 and id = $2 for update',
    [studio, id],
  )
  const [found] = rows
  return found ? { what: found.what, document: currentDocument('trash', found.document) as unknown as Contents } : null
}

/** Takes a thing out of the trash for good; false where there is none. */
export async function dropTrashed(db: Db, studio: number, id: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from trash where studio_id = $1 and id = $2', [studio, id])
  return rowCount === 1
}

/** Restores what was stored and takes it out of the trash. Run it in a transaction. */
export async function restoreTrashed(db: Db, studio: number, id: string, { what, document }: Stored): Promise<void> {
  await RESTORED[what](db, studio, document)
  await dropTrashed(db, studio, id)
}
