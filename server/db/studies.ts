import { type Accepted, titleOf } from '#core/realise'
import { broughtUp, type Recipe } from '#core/instrument'
import type { Study } from '#shared/api'
import { currentDocument } from '#shared/documents'
import type { Db } from './pool'

interface Row {
  id: string
  recipe: Recipe
  accepted: Accepted
  version: number
  updated_at: Date
}

const COLUMNS = 'study.id, study.recipe, study.accepted, study.version, study.updated_at'

/** Accepted marks of those whose notes are still the same. */
const standing = (accepted: Accepted, anew: ReturnType<typeof broughtUp>['anew']): Accepted =>
  anew === 'all' ? {} : Object.fromEntries(Object.entries(accepted).filter(([player]) => !anew.includes(player)))

function studyOf(row: Row): Study {
  const recipe = currentDocument('study', row.recipe) as unknown as Recipe
  const { anew, told } = broughtUp(row.recipe)
  return {
    id: row.id,
    title: titleOf(recipe),
    recipe,
    accepted: standing(row.accepted, anew),
    told,
    version: row.version,
    updatedAt: row.updated_at.toISOString(),
  }
}

/** What a study holds besides its identity. */
export interface StudyContent {
  readonly recipe: Recipe
  readonly accepted: Accepted
}

export async function getStudy(db: Db, studio: number, id: string): Promise<Study | null> {
  const { rows } = await db.query<Row>(`select ${COLUMNS} from study where studio_id = $1 and id = $2`, [studio, id])
  return rows[0] ? studyOf(rows[0]) : null
}

/** Studies by their ids, in that order; what there is not is left out. */
export async function studiesNamed(db: Db, studio: number, ids: readonly string[]): Promise<Study[]> {
  const { rows } = await db.query<Row>(
    `select ${COLUMNS} from study where studio_id = $1 and id = any($2::uuid[])
     order by array_position($2::uuid[], id)`,
    [studio, ids],
  )
  return rows.map(studyOf)
}

/** Stores a new study. */
export async function insertStudy(db: Db, studio: number, study: StudyContent): Promise<Study> {
  const { rows } = await db.query<Row>(
    `insert into study (studio_id, recipe, accepted) values ($1, $2, $3) returning ${COLUMNS}`,
    [studio, study.recipe, study.accepted],
  )
  return studyOf(rows[0]!)
}

/**
 * Stores a new study under an id that whoever sends it has chosen, so that one sent twice is kept once: then what was
 * stored first comes back. Null where the id is another studio's.
 */
export async function insertStudyAs(db: Db, studio: number, study: StudyContent, id: string): Promise<Study | null> {
  const { rows } = await db.query<Row>(
    `insert into study (id, studio_id, recipe, accepted) values ($4, $1, $2, $3)
     on conflict (id) do nothing returning ${COLUMNS}`,
    [studio, study.recipe, study.accepted, id],
  )
  return rows[0] ? studyOf(rows[0]) : getStudy(db, studio, id)
}

/** Writes only over the version that the writer has seen; null when it is not that any more. */
export async function updateStudy(
  db: Db,
  studio: number,
  id: string,
  version: number,
  study: StudyContent,
): Promise<Study | null> {
  const { rows } = await db.query<Row>(
    `update study set recipe = $4, accepted = $5, version = version + 1, updated_at = now()
     where studio_id = $1 and id = $2 and version = $3 returning ${COLUMNS}`,
    [studio, id, version, study.recipe, study.accepted],
  )
  return rows[0] ? studyOf(rows[0]) : null
}

/** Deletes for good what is in the bin, unless a set holds it; false where it is neither. */
export async function deleteBinned(db: Db, studio: number, id: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `delete from study where studio_id = $1 and id = $2 and binned_at is not null
       and not exists (select from set_item where study_id = study.id)`,
    [studio, id],
  )
  return rowCount === 1
}

/** Studies that stand in sets of pupils of one instrument, and in nobody else's. */
export async function studiesOfPupils(db: Db, studio: number, instrument: string): Promise<Study[]> {
  const { rows } = await db.query<Row>(
    `select ${COLUMNS} from study where studio_id = $1 and id in (
       select study_id from set_item
       join study_set on study_set.id = set_item.set_id join pupil on pupil.id = study_set.pupil_id
       where set_item.studio_id = $1 group by study_id having bool_and(pupil.instrument = $2))
     order by created_at`,
    [studio, instrument],
  )
  return rows.map(studyOf)
}

/** Studies of all sets of a pupil, each once, in their order. */
export async function studiesInSetsOf(db: Db, studio: number, pupilId: string): Promise<Study[]> {
  const { rows } = await db.query<Row>(
    `select ${COLUMNS} from study join (
       select study_id, min(row_number) as place from (
         select study_id, row_number() over (order by study_set.created_at, position) from set_item
         join study_set on study_set.id = set_item.set_id where pupil_id = $2) as item group by study_id) as held
       on held.study_id = study.id
     where studio_id = $1 order by place`,
    [studio, pupilId],
  )
  return rows.map(studyOf)
}

/** Studies of some sets in their order, by the set. */
export async function studiesOfSets(db: Db, studio: number, setIds: readonly string[]): Promise<Map<string, Study[]>> {
  const { rows } = await db.query<Row & { set_id: string }>(
    `select set_item.set_id, ${COLUMNS} from set_item join study on study.id = set_item.study_id
     where set_item.studio_id = $1 and set_item.set_id = any($2::uuid[]) order by set_item.set_id, set_item.position`,
    [studio, setIds],
  )
  const found = new Map<string, Study[]>()
  for (const row of rows) {
    const own = found.get(row.set_id)
    if (own) own.push(studyOf(row))
    else found.set(row.set_id, [studyOf(row)])
  }
  return found
}
