import type { Exam, ExamListing } from '#shared/api'
import { contentOf, stamped } from '#shared/documents'
import type { Db } from './pool'

type Document = Omit<Exam, 'id' | 'pupil' | 'setId' | 'heldAt'>
interface Row {
  id: string
  pupil_id: string
  pupil_name: string
  set_id: string | null
  document: Document
  held_at: Date
}

const SELECT = `select exam.id, exam.pupil_id, pupil.name as pupil_name, exam.set_id, exam.document, exam.held_at
  from exam join pupil on pupil.id = exam.pupil_id`

const examOf = ({ id, pupil_id, pupil_name, set_id, document, held_at }: Row): Exam => ({
  ...contentOf<Document>('exam', document),
  id,
  pupil: { id: pupil_id, name: pupil_name },
  setId: set_id,
  heldAt: held_at.toISOString(),
})

export async function insertExam(
  db: Db,
  studio: number,
  pupilId: string,
  setId: string,
  document: Document,
): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    'insert into exam (studio_id, pupil_id, set_id, document) values ($1, $2, $3, $4) returning id',
    [studio, pupilId, setId, stamped('exam', document)],
  )
  return rows[0]!.id
}

/** Says that an exam was held on another day than the one on which it was kept. */
export async function dateExam(db: Db, studio: number, id: string, day: string): Promise<void> {
  await db.query('update exam set held_at = $3::date where studio_id = $1 and id = $2', [studio, id, day])
}

export async function getExam(db: Db, studio: number, id: string): Promise<Exam | null> {
  const { rows } = await db.query<Row>(`${SELECT} where exam.studio_id = $1 and exam.id = $2`, [studio, id])
  return rows[0] ? examOf(rows[0]) : null
}

/** So many mock exams of a pupil are listed, the latest. */
const MAX_OF_ONE = 20

/** Mock exams of a studio's pupils or of one set, the latest first, without what was marked. */
export async function listExams(db: Db, studio: number, setId: string | null = null): Promise<ExamListing[]> {
  const { rows } = await db.query<Row & { items: number }>(
    `select id, pupil_id, pupil_name, set_id, held_at, document - 'items' as document,
       jsonb_array_length(document->'items') as items
     from (select exam.*, pupil.name as pupil_name,
         row_number() over (partition by pupil_id order by exam.held_at desc, exam.id) as place
       from exam join pupil on pupil.id = exam.pupil_id
       where exam.studio_id = $1 and ($2::uuid is null or exam.set_id = $2)) as held
     where place <= $3 order by held_at desc, id`,
    [studio, setId, MAX_OF_ONE],
  )
  return rows.map((row) => ({ ...examOf(row), items: row.items }))
}
