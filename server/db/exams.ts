import type { Exam, ExamListing } from '#shared/api'
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
  ...document,
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
    [studio, pupilId, setId, document],
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

/** A studio's mock exams, the latest first. */
export async function listExams(db: Db, studio: number): Promise<ExamListing[]> {
  const { rows } = await db.query<Row>(
    `${SELECT} where exam.studio_id = $1 order by exam.held_at desc, exam.id limit 500`,
    [studio],
  )
  return rows.map((row) => {
    const { items, ...rest } = examOf(row)
    return { ...rest, items: items.length }
  })
}
