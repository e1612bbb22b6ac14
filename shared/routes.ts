import type { Message } from '#core/message'
import type { SyllabusMatch, DrawnItem, Marking } from '#core/syllabus'
import type {
  BackupState,
  Belongings,
  BulkEdit,
  ChangePreview,
  DayLesson,
  Erasure,
  Exam,
  ExamListing,
  FilePreview,
  Filled,
  StoredAim,
  StoredLesson,
  StoredRoute,
  StoredWeek,
  ForecastsKept,
  PracticeFile,
  Progress,
  Pupil,
  PupilRecord,
  Restored,
  SetReport,
  Studio,
  StudioListing,
  Study,
  StudyListing,
  StudySet,
  SyllabusDifference,
  SyllabusDocument,
  SyllabusListing,
  Trashed,
  Undo,
} from './api'
import type { LessonFile } from './lessonFile'
import type { ArchiveAdded, ArchiveSummary } from './archive'
import type { Made } from './paper'
import type { OpenSession, PupilLink, PupilPeople, SessionState, Teacher } from './people'
import type { Preview } from './syllabusCsv'

interface Named {
  readonly id: string
}
interface Binned {
  readonly bin: string
}
interface PathTo {
  /** Where it is, from the address of this server on. */
  readonly path: string
}
interface Done {
  readonly ok: boolean
}
type Bytes = string | Uint8Array

/**
 * What every route of the API answers, by its method and address. Server and page both take their types from here: a
 * handler that answers something else does not compile, nor does a page that reads something else.
 */
export interface Answers {
  'GET /api/account': { readonly sessions: readonly OpenSession[] }
  'PUT /api/account/password': Done
  'DELETE /api/account/sessions': { readonly ended: number }
  'DELETE /api/account/sessions/:id': Done
  'GET /api/session': SessionState
  'POST /api/session': SessionState
  'DELETE /api/session': Done
  'POST /api/session/owner': SessionState
  'POST /api/session/invitation': { readonly name: string; readonly studio: string }
  'POST /api/session/join': SessionState
  'GET /api/teachers': readonly Teacher[]
  'POST /api/teachers': Named & PathTo
  'POST /api/teachers/:id/invitation': PathTo
  'POST /api/teachers/:id/leave': { readonly pupils: number }
  'GET /api/pupils/:id/link': { readonly link: PupilLink | null }
  'POST /api/pupils/:id/link': PathTo
  'DELETE /api/pupils/:id/link': Done
  'GET /api/pupils/:id/people': PupilPeople
  'PUT /api/pupils/:id/shares': Done
  'PUT /api/pupils/:id/teacher': Done
  'POST /api/home/marks': { readonly saved: readonly string[]; readonly gone: readonly string[] }
  'GET /api/archive': Bytes
  'POST /api/archive': ArchiveAdded
  'POST /api/archive/preview': ArchiveSummary
  'GET /api/backups': BackupState
  'POST /api/backups': BackupState
  'POST /api/backups/:id/restore': Done
  'POST /api/courses': Named
  'GET /api/erasures': readonly Erasure[]
  'POST /api/asked': readonly SyllabusMatch[]
  'POST /api/syllabus-matches': readonly SyllabusMatch[]
  'GET /api/bin': readonly Trashed[]
  'DELETE /api/bin/:id': object
  'POST /api/bin/:id/restore': Pick<Trashed, 'what' | 'id'>
  'POST /api/changes': BulkEdit
  'POST /api/changes/preview': ChangePreview
  'POST /api/changes/:id/undo': { readonly back: number; readonly stay: number }
  'GET /api/exams': readonly ExamListing[]
  'POST /api/exams': Exam
  'GET /api/exams/:id': Exam
  'DELETE /api/exams/:id': Binned
  'POST /api/files/read': FilePreview
  'POST /api/files/write': Bytes
  'POST /api/paper': Made | Bytes
  'GET /api/lessons': readonly DayLesson[]
  'GET /api/forecasts': ForecastsKept
  'GET /api/progress': readonly Progress[]
  'GET /api/pupils': readonly Pupil[]
  'POST /api/pupils': Named
  'PUT /api/pupils/:id': Done
  'DELETE /api/pupils/:id': Binned
  'PUT /api/pupils/:id/archived': Done
  'GET /api/pupils/:id/belongings': Belongings
  'GET /api/pupils/:id/changes': ChangePreview
  'GET /api/pupils/:id/export': Bytes
  'GET /api/pupils/:id/lesson': LessonFile
  'PUT /api/pupils/:id/lesson': StoredLesson
  'PUT /api/pupils/:id/week': StoredWeek
  'DELETE /api/pupils/:id/week': Done
  'GET /api/pupils/:id/weeks': readonly StoredWeek[]
  'POST /api/pupils/:id/erase': Erasure
  'PUT /api/pupils/:id/preferences': Done
  'GET /api/pupils/:id/record': PupilRecord
  'POST /api/pupils/:id/record': PupilRecord
  'GET /api/routes': readonly StoredRoute[]
  'PUT /api/routes': readonly StoredRoute[]
  'POST /api/sets': StudySet
  'GET /api/sets/:id': StudySet
  'PUT /api/sets/:id': StudySet
  'DELETE /api/sets/:id': Binned
  'PUT /api/sets/:id/aim': StoredAim
  'GET /api/sets/:id/calendar': Bytes
  'GET /api/sets/:id/draw': {
    readonly items: readonly DrawnItem[]
    readonly marking: Marking
    readonly syllabus: string
    readonly grade: string
  }
  'POST /api/sets/:id/mend': { readonly set: StudySet; readonly undo: Undo; readonly message: Message }
  'POST /api/sets/:id/missing': Filled
  'POST /api/sets/:id/order': StudySet
  'GET /api/sets/:id/practice': PracticeFile
  'GET /api/sets/:id/report': SetReport
  'POST /api/sets/:id/restore': Restored
  'POST /api/sets/:id/settle': StudySet
  'GET /api/studies': readonly StudyListing[]
  'POST /api/studies': Study
  'POST /api/studies/batch': { readonly studies: readonly Study[] }
  'PUT /api/studies/shelf': Done
  'PUT /api/studies/tags': Done
  'GET /api/studies/:id': Study
  'PUT /api/studies/:id': Study
  'DELETE /api/studies/:id': Done
  'POST /api/studies/:id/copy': Study
  'GET /api/studio': Studio
  'PUT /api/studio': Studio
  'GET /api/studios': readonly StudioListing[]
  'POST /api/studios': Studio
  'POST /api/studios/demo': Studio
  'DELETE /api/studios/demo': Studio
  'POST /api/studios/:id/open': Studio
  'GET /api/syllabi': readonly SyllabusListing[]
  'POST /api/syllabi': Named
  'POST /api/syllabi/preview': Preview
  'GET /api/syllabi/:id': SyllabusDocument
  'PUT /api/syllabi/:id': SyllabusDocument
  'DELETE /api/syllabi/:id': Done
  'POST /api/syllabi/:id/copy': Named
  'GET /api/syllabi/:id/difference': SyllabusDifference
  'GET /api/syllabi/:id/export': Bytes
}
/** Names the page that asks, so that what one asks for does not hold up another. */
/** The day that it is where the page is: teacher and server may be in different zones. */
export const TODAY_HEADER = 'x-today'
export const PAGE_HEADER = 'x-page'
/** Names the studio that a page shows, by its number. */
export const STUDIO_HEADER = 'x-studio'

export type Route = keyof Answers
export type Answer<R extends Route> = Answers[R]

/** What stands in an address: the id that it names, and the rest as its query. */
export type Parameters = Readonly<Record<string, string | number | undefined>>

/** The method and the address of a route. Parameters that the address does not name follow as its query. */
export function addressOf(route: Route, parameters: Parameters = {}): { method: string; address: string } {
  const [method, pattern] = route.split(' ') as [string, string]
  const { id, ...query } = parameters
  const named = Object.entries(query).flatMap(([name, value]) => (value === undefined ? [] : [[name, String(value)]]))
  const path = pattern.replace(':id', encodeURIComponent(String(id ?? '')))
  return { method, address: named.length > 0 ? `${path}?${new URLSearchParams(named)}` : path }
}
