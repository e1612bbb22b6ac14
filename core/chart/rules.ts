import type { Player } from '../instrument'
import { type Note, noteName } from '../pitch'
import type { ChartRow } from './chart'

/** Where a hand's fourth finger lies in several keys: on the same degree, or on the same note. */
interface Held {
  readonly player: Player
  readonly by: 'degree' | 'note'
  readonly degree: number
  readonly note: Note
  readonly rows: readonly ChartRow[]
}

/** What a hand's fingers in all keys come down to. */
export interface ChartRules {
  readonly player: Player
  /** Rules that hold in several keys, the widest first. */
  readonly held: readonly Held[]
  /** Keys like no other, each with the note of its fourth finger. */
  readonly own: readonly { readonly row: ChartRow; readonly note: Note }[]
}

interface Placed {
  readonly row: ChartRow
  readonly degree: number
  readonly note: Note
}

/** Where a player's fourth finger lies in each key in which it lies once, by the degree in its octave and by its note. */
function placed(rows: readonly ChartRow[], player: Player): Placed[] {
  return rows.flatMap((row) => {
    const at = row.lines.find((line) => line.player === player)?.fourth ?? null
    if (at === null) return []
    // the last note is the first again
    return [{ row, degree: 1 + (at % (row.notes.length - 1)), note: row.notes[at]! }]
  })
}

/** All that could be said of several keys at once. */
function candidates(player: Player, left: readonly Placed[]): Held[] {
  return left.flatMap(({ degree, note }) =>
    (['degree', 'note'] as const).map((by): Held => {
      const alike = (other: Placed): boolean =>
        by === 'degree' ? other.degree === degree : noteName(other.note) === noteName(note)
      return { player, by, degree, note, rows: left.filter(alike).map(({ row }) => row) }
    }),
  )
}

/** The widest of some rules; of equally wide ones, that of a degree. */
const widest = (rules: readonly Held[]): Held | undefined =>
  rules.toSorted((a, b) => b.rows.length - a.rows.length || a.by.localeCompare(b.by))[0]

/** The fewest rules for a player's fourth finger that this finds, the widest first; keys that none of them has are its own. */
export function rulesFor(rows: readonly ChartRow[], player: Player): ChartRules {
  const held: Held[] = []
  let left = placed(rows, player)
  for (;;) {
    const next = widest(candidates(player, left))
    if (!next || next.rows.length < 2) break
    held.push(next)
    left = left.filter(({ row }) => !next.rows.includes(row))
  }
  return { player, held, own: left.map(({ row, note }) => ({ row, note })) }
}

/** The rules of every player who has any. */
export function rulesOf(rows: readonly ChartRow[]): ChartRules[] {
  const players = new Set(rows.flatMap(({ lines }) => lines.map(({ player }) => player)))
  return [...players]
    .map((player) => rulesFor(rows, player))
    .filter(({ held, own }) => held.length > 0 || own.length > 0)
}
