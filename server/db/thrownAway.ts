import type { ThrownAway } from '#shared/api'
import type { Db } from './pool'

type What = ThrownAway['what']

/** What of a thing is kept: its rows as they are, and what goes with it. */
const TAKEN: Readonly<Record<What, string>> = {
  pupil: `insert into thrown_away (studio_id, what, title, document)
    select studio_id, 'pupil', name, jsonb_build_object(
      'row', to_jsonb(pupil),
      'sets', (select coalesce(jsonb_agg(to_jsonb(study_set)), '[]') from study_set where pupil_id = pupil.id),
      'items', (select coalesce(jsonb_agg(to_jsonb(set_item) order by set_id, position), '[]') from set_item
        join study_set on study_set.id = set_id where pupil_id = pupil.id),
      'aims', (select coalesce(jsonb_agg(to_jsonb(aim)), '[]') from aim
        join study_set on study_set.id = set_id where pupil_id = pupil.id),
      'exams', (select coalesce(jsonb_agg(to_jsonb(exam)), '[]') from exam where pupil_id = pupil.id),
      'entries', (select coalesce(jsonb_agg(to_jsonb(entry) order by place), '[]') from record_entry entry
        where pupil_id = pupil.id))
    from pupil where studio_id = $1 and id::text = $2 for update`,
  set: `insert into thrown_away (studio_id, what, title, document)
    select studio_id, 'set', title, jsonb_build_object(
      'row', to_jsonb(study_set),
      'items', (select coalesce(jsonb_agg(study_id order by position), '[]') from set_item where set_id = study_set.id),
      'aim', (select to_jsonb(aim) from aim where set_id = study_set.id),
      'exams', (select coalesce(jsonb_agg(exam.id), '[]') from exam where set_id = study_set.id))
    from study_set where studio_id = $1 and id::text = $2 for update`,
  exam: `insert into thrown_away (studio_id, what, title, document)
    select studio_id, 'exam', document->>'setTitle', jsonb_build_object('row', to_jsonb(exam))
    from exam where studio_id = $1 and id::text = $2 for update`,
  syllabus: `insert into thrown_away (studio_id, what, title, document)
    select studio_id, 'syllabus', document->>'title', jsonb_build_object(
      'row', to_jsonb(syllabus),
      'past', (select coalesce(jsonb_agg(to_jsonb(past)), '[]') from syllabus_past past
        where past.studio_id = syllabus.studio_id and past.id = syllabus.id))
    from syllabus where studio_id = $1 and id = $2 for update`,
}

/** The statements that take a thing away, in turn; each by itself. */
const DELETED: Readonly<Record<What, readonly string[]>> = {
  pupil: [
    'delete from exam where studio_id = $1 and pupil_id::text = $2',
    'delete from study_set where studio_id = $1 and pupil_id::text = $2',
    'delete from pupil where studio_id = $1 and id::text = $2',
  ],
  set: ['delete from study_set where studio_id = $1 and id::text = $2'],
  exam: ['delete from exam where studio_id = $1 and id::text = $2'],
  syllabus: ['delete from syllabus where studio_id = $1 and id = $2'],
}

/**
 * Takes a thing away and keeps it whole. Run it in a transaction.
 * @returns the id by which it is put back; null where there is no such thing
 */
export async function throwAway(db: Db, studio: number, what: What, id: string): Promise<string | null> {
  const { rows } = await db.query<{ id: string }>(`${TAKEN[what]} returning id`, [studio, id])
  if (!rows[0]) return null
  for (const statement of DELETED[what]) await db.query(statement, [studio, id])
  return rows[0].id
}

/** What lies in the bin besides studies, the latest first. */
export async function listThrownAway(db: Db, studio: number): Promise<ThrownAway[]> {
  const { rows } = await db.query<{ id: string; what: What; title: string; thrown_at: Date }>(
    'select id, what, title, thrown_at from thrown_away where studio_id = $1 order by thrown_at desc, id limit 500',
    [studio],
  )
  return rows.map(({ thrown_at, ...row }) => ({ ...row, thrownAt: thrown_at.toISOString() }))
}

/** The statements that put a thing back from its document, `$1`; each by itself. */
const BACK: Readonly<Record<What, readonly string[]>> = {
  pupil: [
    `insert into pupil select * from jsonb_populate_record(null::pupil, $1::jsonb->'row')`,
    // a list that is gone meanwhile grades no set
    `insert into study_set select kept.* from jsonb_array_elements($1::jsonb->'sets') as held,
       jsonb_populate_record(null::study_set, case
         when exists (select from syllabus where id = held->>'syllabus_id'
           and studio_id = (held->>'studio_id')::int) then held
         else held || '{"syllabus_id": null, "grade_id": null}' end) as kept`,
    `update study set binned_at = null
     where id in (select (document->>'study_id')::uuid from jsonb_array_elements($1::jsonb->'items') as document)`,
    `insert into set_item (set_id, position, study_id)
     select set_id, row_number() over (partition by set_id order by position) - 1, study.id
     from jsonb_populate_recordset(null::set_item, $1::jsonb->'items') as item join study on study.id = study_id`,
    `insert into aim select * from jsonb_populate_recordset(null::aim, $1::jsonb->'aims')`,
    `insert into exam select kept.* from jsonb_array_elements($1::jsonb->'exams') as held,
       jsonb_populate_record(null::exam, case
         when exists (select from study_set where id::text = held->>'set_id') then held
         else held || '{"set_id": null}' end) as kept`,
    `insert into record_entry (id, studio_id, pupil_id, study_id, corrects, document, added_at)
     select id, studio_id, pupil_id, study_id, corrects, document, added_at
     from jsonb_populate_recordset(null::record_entry, $1::jsonb->'entries') order by place`,
  ],
  set: [
    `insert into study_set select * from jsonb_populate_record(null::study_set, $1::jsonb->'row')`,
    `update study set binned_at = null
     where id in (select value::uuid from jsonb_array_elements_text($1::jsonb->'items'))`,
    `insert into set_item (set_id, position, study_id)
     select ($1::jsonb->'row'->>'id')::uuid, row_number() over (order by place) - 1, study.id
     from jsonb_array_elements_text($1::jsonb->'items') with ordinality as item (value, place)
     join study on study.id = item.value::uuid`,
    `insert into aim select aim.* from jsonb_populate_record(null::aim, $1::jsonb->'aim') as aim
     where jsonb_typeof($1::jsonb->'aim') = 'object'`,
    `update exam set set_id = ($1::jsonb->'row'->>'id')::uuid
     where id in (select value::uuid from jsonb_array_elements_text($1::jsonb->'exams'))`,
  ],
  exam: [
    `insert into exam select exam.* from jsonb_populate_record(null::exam, (
       select case when exists (select from study_set where id::text = kept->>'set_id') then kept
         else kept || '{"set_id": null}' end
       from (select $1::jsonb->'row' as kept) as document)) as exam`,
  ],
  syllabus: [
    `insert into syllabus select * from jsonb_populate_record(null::syllabus, $1::jsonb->'row')`,
    `insert into syllabus_past select * from jsonb_populate_recordset(null::syllabus_past, $1::jsonb->'past')`,
  ],
}

/** A thing in the bin, with its row and what went with it. */
interface Kept {
  readonly what: What
  readonly document: { readonly row: { readonly id: string; syllabus_id?: string | null; pupil_id?: string } }
}

/** A thing as it was kept; null where there is none in the bin. Nobody else puts it back meanwhile. */
export async function getThrownAway(db: Db, studio: number, id: string): Promise<Kept | null> {
  const { rows } = await db.query<Kept>(
    'select what, document from thrown_away where studio_id = $1 and id = $2 for update',
    [studio, id],
  )
  return rows[0] ?? null
}

/** Takes a thing out of the bin for good; false where there is none. */
export async function dropThrownAway(db: Db, studio: number, id: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from thrown_away where studio_id = $1 and id = $2', [studio, id])
  return rowCount === 1
}

/** Puts back what was kept, as `document` has it, and takes it out of the bin. Run it in a transaction. */
export async function putBack(db: Db, studio: number, id: string, what: What, document: object): Promise<void> {
  for (const statement of BACK[what]) await db.query(statement, [JSON.stringify(document)])
  await dropThrownAway(db, studio, id)
}
