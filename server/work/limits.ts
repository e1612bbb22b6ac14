import type { Lane } from './fairQueue'
import type { TaskInput, TaskName } from './tasks'

/** What a task may cost. */
interface Limit {
  readonly lane: Lane
  /** Seconds after which it is given up. */
  readonly seconds: number
}

const light = (seconds = 30): Limit => ({ lane: 'light', seconds })
const heavy = (seconds: number): Limit => ({ lane: 'heavy', seconds })

/** A sheet of so few studies is over at once: somebody looks at it. */
const FEW = 6

/** What a request of a task may cost: a small sheet to be looked at goes before what takes its time. */
export function limitOf<Name extends TaskName>(name: Name, request: TaskInput<Name>): Limit {
  const { lane, seconds } = LIMITS[name]
  const sheet = name === 'pages' ? (request as TaskInput<'pages'>).request : null
  const isSmall = sheet?.sheet === 'studies' && sheet.studies.length <= FEW
  return { lane: isSmall ? 'light' : lane, seconds }
}

/** Every task: grades bound themselves, batches come in pieces, files are as long as somebody makes them. */
const LIMITS: Readonly<Record<TaskName, Limit>> = {
  grade: light(),
  place: light(),
  move: light(),
  instead: light(),
  content: light(),
  homeLine: light(),
  weigh: light(),
  progress: light(),
  calendar: light(),
  readiness: light(),
  told: light(),
  contents: heavy(30),
  changed: heavy(30),
  playable: heavy(30),
  open: heavy(20),
  preview: heavy(30),
  pages: heavy(60),
  pdf: heavy(60),
  write: heavy(60),
  archive: heavy(600),
  openArchive: heavy(120),
}
