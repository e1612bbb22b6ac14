import type { Recipe } from '#core/instrument'
import { titleOf } from '#core/realise'
import type { Shelf, StudyListing } from '#shared/api'
import { currentDocument } from '#shared/documents'
import type { Db } from './pool'
import { getStudy } from './studies'

interface ListingRow {
  id: string
  recipe: Recipe
  tags: string[]
  shelf: Shelf
  updated_at: Date
  instrument: string
  tonic: string | null
  kind: string | null
  hands: string
  bpm: number
  pupils: string[]
  syllabi: string[]
  sets: string
}

/** A line for every study: what it is found by, without its notes. */
export async function listStudies(db: Db, studio: number): Promise<StudyListing[]> {
  const { rows } = await db.query<ListingRow>(
    `select study.id, study.recipe, study.tags, study.updated_at,
            case when study.binned_at is not null then 'bin' when study.archived_at is not null then 'archive' else 'library' end
              as shelf,
            recipe->>'instrument' as instrument, recipe->'material'->>'tonic' as tonic,
            recipe->'material'->>'kind' as kind, recipe->>'hands' as hands, (recipe->'tempo'->>'bpm')::int as bpm,
            count(distinct study_set.id) as sets,
            coalesce(array_agg(distinct pupil.name) filter (where pupil.id is not null), '{}') as pupils,
            coalesce(array_agg(distinct study_set.syllabus_id) filter (where study_set.syllabus_id is not null), '{}')
              as syllabi
     from study
     left join set_item on set_item.study_id = study.id
     left join study_set on study_set.id = set_item.set_id
     left join pupil on pupil.id = study_set.pupil_id
     where study.studio_id = $1 group by study.id order by study.updated_at desc, study.id limit 10000`,
    [studio],
  )
  return rows.map(({ updated_at, sets, recipe, ...row }) => ({
    ...row,
    title: titleOf(currentDocument('study', recipe) as unknown as Recipe),
    sets: Number(sets),
    updatedAt: updated_at.toISOString(),
  }))
}

/** Takes studies for this transaction, always in the same order: two that want the same do not wait for one another. */
const lockStudies = (db: Db, studio: number, ids: readonly string[]) =>
  db.query('select from study where studio_id = $1 and id = any($2::uuid[]) order by id for update', [studio, ids])

/** Moves studies to another shelf; their content and version stay. @returns ids of those that there are */
export async function shelveStudies(db: Db, studio: number, ids: readonly string[], shelf: Shelf): Promise<string[]> {
  await lockStudies(db, studio, ids)
  const { rows } = await db.query<{ id: string }>(
    `update study set archived_at = case when $3 = 'archive' then now() end,
                      binned_at = case when $3 = 'bin' then now() end
     where studio_id = $1 and id = any($2::uuid[]) returning id`,
    [studio, ids, shelf],
  )
  return rows.map((row) => row.id)
}

/**
 * Deletes studies that nobody has touched since they were made: of this version, without tags, in no set and in nobody's
 * record.
 * @returns ids of those that are still there
 */
export async function dropUntouched(
  db: Db,
  studio: number,
  made: readonly { readonly id: string; readonly version: number }[],
): Promise<string[]> {
  const ids = made.map(({ id }) => id)
  await lockStudies(db, studio, ids)
  await db.query(
    `delete from study using unnest($2::uuid[], $3::int[]) as made (id, version)
     where studio_id = $1 and study.id = made.id and study.version = made.version and tags = '{}'
       and not exists (select from set_item where study_id = study.id)
       and not exists (select from record_entry where record_entry.study_id = study.id)`,
    [studio, ids, made.map(({ version }) => version)],
  )
  const { rows } = await db.query<{ id: string }>(
    `select id from study where studio_id = $1 and id = any($2::uuid[])
       and not exists (select from set_item where study_id = study.id)`,
    [studio, ids],
  )
  return rows.map(({ id }) => id)
}

/**
 * Adds tags to studies and takes others off: two windows that do so at once do not undo one another. False where one has
 * more than `most` then: undo the transaction.
 */
export async function tagStudies(
  db: Db,
  studio: number,
  ids: readonly string[],
  add: readonly string[],
  remove: readonly string[],
  most: number,
): Promise<boolean> {
  await lockStudies(db, studio, ids)
  const { rows } = await db.query<{ many: boolean }>(
    `update study set tags = array(
       select distinct tag from unnest(tags || $3::text[]) as tag where tag <> all($4::text[]) order by tag)
     where studio_id = $1 and id = any($2::uuid[]) returning cardinality(tags) > $5 as many`,
    [studio, ids, add, remove, most],
  )
  return rows.every(({ many }) => !many)
}

/** Copies a study with its accepted fingers and its tags, into the library. Null where there is no such study. */
export async function copyStudy(db: Db, studio: number, id: string) {
  const { rows } = await db.query<{ id: string }>(
    `insert into study (studio_id, recipe, accepted, tags)
     select studio_id, recipe, accepted, tags from study where studio_id = $1 and id = $2 returning id`,
    [studio, id],
  )
  return rows[0] ? getStudy(db, studio, rows[0].id) : null
}

/** Titles of the sets that hold any of some studies. */
export async function setsHolding(db: Db, studio: number, ids: readonly string[]): Promise<string[]> {
  const { rows } = await db.query<{ title: string }>(
    `select distinct study_set.title from set_item join study_set on study_set.id = set_item.set_id
     where study_set.studio_id = $1 and set_item.study_id = any($2::uuid[]) order by 1`,
    [studio, ids],
  )
  return rows.map((row) => row.title)
}
