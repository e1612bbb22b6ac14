import { overWhole, type PlayerSettings } from '#core/instrument'
import type { Belongings, Pupil, Preferences, SetListing } from '#shared/api'
import { DEFAULT_LEARNING, type Learning, type LessonSlot } from '#shared/lessons'
import type { Db } from './pool'

const COLUMNS = `id, name, instrument, note, preferences, version, archived_at is not null as archived, lessons, learning`

/** What later versions added to what a pupil learns gets its default. */
const whole = <P extends { readonly learning: Partial<Learning> }>(pupil: P): P & { learning: Learning } => ({
  ...pupil,
  learning: { ...DEFAULT_LEARNING, ...pupil.learning },
})

export async function listPupils(db: Db, studio: number): Promise<Pupil[]> {
  const { rows: pupils } = await db.query<Omit<Pupil, 'sets'>>(
    `select ${COLUMNS} from pupil where studio_id = $1 order by created_at, name`,
    [studio],
  )
  const { rows: sets } = await db.query<SetListing & { pupilId: string }>(
    `select study_set.id, study_set.title, pupil_id as "pupilId", syllabus_id as "syllabusId", grade_id as "gradeId",
       count(set_item.study_id)::int as studies
     from study_set left join set_item on set_item.set_id = study_set.id
     where study_set.studio_id = $1 group by study_set.id order by study_set.created_at, study_set.title`,
    [studio],
  )
  return pupils.map((pupil) => ({
    ...whole(pupil),
    sets: sets.filter((set) => set.pupilId === pupil.id).map(({ pupilId: _, ...set }) => set),
  }))
}

export async function insertPupil(
  db: Db,
  studio: number,
  pupil: {
    name: string
    instrument: string
    note?: string
    lessons?: readonly LessonSlot[]
    learning?: Partial<Learning>
    settings?: PlayerSettings
  },
): Promise<string> {
  const { name, instrument, note = '', lessons = [], learning = {}, settings = {} } = pupil
  const preferences = Object.keys(settings).length > 0 ? { settings } : {}
  const { rows } = await db.query<{ id: string }>(
    `insert into pupil (studio_id, name, instrument, note, lessons, learning, preferences)
     values ($1, $2, $3, $4, $5, $6, $7) returning id`,
    [studio, name, instrument, note, JSON.stringify(lessons), learning, preferences],
  )
  return rows[0]!.id
}

export async function getPupil(db: Db, studio: number, id: string): Promise<Omit<Pupil, 'sets'> | null> {
  const { rows } = await db.query<Omit<Pupil, 'sets'>>(
    `select ${COLUMNS} from pupil where studio_id = $1 and id = $2`,
    [studio, id],
  )
  return rows[0] ? whole(rows[0]) : null
}

/** What is said of a pupil. */
interface PupilChange {
  readonly name: string
  readonly note: string
  readonly version?: number
  readonly lessons?: readonly LessonSlot[]
  readonly learning?: Partial<Learning>
}

/**
 * Says what a pupil is called, when they come and what they learn, over the version that was seen where one is named.
 * Lessons that are not named stay, as does what is not named of what is learnt.
 * @returns false where there is no such pupil of that version
 */
export async function renamePupil(
  db: Db,
  studio: number,
  id: string,
  { name, note, version, lessons, learning = {} }: PupilChange,
): Promise<boolean> {
  const { rowCount } = await db.query(
    `update pupil set name = $3, note = $4, version = version + 1,
       lessons = coalesce($6::jsonb, lessons), learning = learning || $7::jsonb
     where studio_id = $1 and id = $2 and version = coalesce($5, version)`,
    [studio, id, name, note, version ?? null, lessons ? JSON.stringify(lessons) : null, learning],
  )
  return rowCount === 1
}

/** Puts a pupil out of the way, or among the others again. @returns false where there is no such pupil */
export async function archivePupil(db: Db, studio: number, id: string, archived: boolean): Promise<boolean> {
  const { rowCount } = await db.query(
    `update pupil set archived_at = case when $3 then coalesce(archived_at, now()) end
     where studio_id = $1 and id = $2`,
    [studio, id, archived],
  )
  return rowCount === 1
}

/** What would go with a pupil who is thrown away. */
export async function belongings(db: Db, studio: number, id: string): Promise<Belongings> {
  const { rows } = await db.query<Belongings>(
    `select (select count(*)::int from study_set where studio_id = $1 and pupil_id = $2) as sets,
       (select count(*)::int from exam where studio_id = $1 and pupil_id = $2) as exams,
       (select count(*)::int from record_entry where studio_id = $1 and pupil_id = $2) as entries`,
    [studio, id],
  )
  return rows[0]!
}

/**
 * Remembers how a pupil plays; what is not named stays, in parts of the settings as well. Run it in a transaction.
 * @returns how many choices are remembered then; null where there is no such pupil
 */
export async function preferPupil(
  db: Db,
  studio: number,
  id: string,
  some: Partial<Preferences>,
): Promise<number | null> {
  const { rows } = await db.query<{ preferences: Preferences }>(
    'select preferences from pupil where studio_id = $1 and id = $2 for update',
    [studio, id],
  )
  if (!rows[0]) return null
  const { settings, choices } = rows[0].preferences
  const preferences = {
    settings: overWhole(settings, some.settings),
    choices: { ...choices, ...some.choices },
  }
  await db.query('update pupil set preferences = $3 where studio_id = $1 and id = $2', [studio, id, preferences])
  return Object.keys(preferences.choices).length
}
