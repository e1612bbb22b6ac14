import { data, sayOverPage, token } from './data'

/** How it went with a line: as it waits to be sent. */
interface Mark {
  readonly id: string
  readonly line: string
  readonly outcome: string
  readonly tempo: number
  readonly date: string
}

/** What is not sent yet stays on this phone, also when the page is closed. */
const KEPT = `tactum marks ${token}`
function waiting(): Mark[] {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? '[]') as Mark[]
  } catch {
    return []
  }
}
/** Where a browser keeps nothing, the page does, as long as it is open. */
let unkept: Mark[] = []
function keep(marks: Mark[]): void {
  unkept = marks
  try {
    localStorage.setItem(KEPT, JSON.stringify(marks))
  } catch {
    // the page has them
  }
}
const all = (): Mark[] => [...new Map([...waiting(), ...unkept].map((mark) => [mark.id, mark])).values()]

/** An id that is nobody else's; plain http has no `crypto.randomUUID` (RFC 9562, version 4). */
function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = (bytes[6]! & 0x0f) | 0x40
  bytes[8] = (bytes[8]! & 0x3f) | 0x80
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}

/** The day that it is on this phone. */
function localDay(): string {
  const now = new Date()
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()].map((part) => String(part).padStart(2, '0')).join('-')
}

/** So many go in one request. */
const MAX_AT_ONCE = 50
let sending: Promise<void> | null = null

interface Said {
  readonly gone?: readonly string[]
  readonly path?: string
}
const saidIn = async (answer: Response | null): Promise<Said> =>
  ((await answer?.json().catch(() => null)) ?? {}) as Said
/** Which of the marks is meant: “marks[2].date” is the third. */
const placeIn = (path = ''): number => Number(/^marks\[(\d+)\]/.exec(path)?.[1])

async function sendOnce(): Promise<void> {
  for (let marks = all(); marks.length > 0; marks = all()) {
    const some = marks.slice(0, MAX_AT_ONCE)
    const answer = await fetch('/api/home/marks', {
      method: 'POST',
      headers: { 'content-type': 'application/json', authorization: `Bearer ${token}`, 'x-today': localDay() },
      body: JSON.stringify({ marks: some }),
    }).catch(() => null)
    if (answer?.status === 401) return sayOverPage(data.words['home.closed'])
    const { gone = [], path } = await saidIn(answer)
    // one that is refused as such would be refused again: it alone goes, the others are sent
    const refused = answer?.status === 422 ? some[placeIn(path)] : undefined
    if (!answer?.ok && !refused) return sayOverPage(data.words['home.waiting'])
    const done = new Set((refused ? [refused] : some).map(({ id }) => id))
    keep(all().filter(({ id }) => !done.has(id)))
    sayOverPage(data.words[gone.length > 0 || refused ? 'home.undone' : 'home.saved'])
  }
}

/** Sends what waits: each mark bears its own id, so that it counts once however often it is sent. */
export const send = (): Promise<void> => (sending ??= sendOnce().finally(() => (sending = null)))

/** Takes note of how it went; it is sent now, or as soon as there is a connection. */
export function mark(line: string, outcome: string, tempo: number): void {
  keep([...all(), { id: newId(), line, outcome, tempo, date: localDay() }])
  void send()
}

/** How it went with lines today, as far as it waits here. */
export const doneToday = (): Map<string, string> =>
  new Map(
    all()
      .filter(({ date }) => date === localDay())
      .map(({ line, outcome }) => [line, outcome]),
  )
