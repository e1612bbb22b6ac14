/** How hard a study is: an index from 0 to 100 of ours, for comparing studies of one instrument, with what it comes from. */
export interface Difficulty {
  readonly total: number
  readonly parts: Parts
}

/** What adds up, and what that is multiplied by. */
export const FACTORS = ['length', 'tempo'] as const
type Summand =
  | 'steps'
  | 'crossings'
  | 'moves'
  | 'keys'
  | 'chords'
  | 'leaps'
  | 'form'
  | 'together'
  | 'strokes'
  | 'crossed'
  | 'doubles'
  | 'rows'
  | 'rolls'
  | 'mallets'
  | 'damping'
export type Parts = Readonly<Partial<Record<Summand | (typeof FACTORS)[number], number>>>

const DEFAULT_NOTES_A_MINUTE = 120
/** A tempo twice as fast is about half as hard again. */
const TEMPO = 0.6
export const tempoFactor = (notesPerMinute: number): number => (notesPerMinute / DEFAULT_NOTES_A_MINUTE) ** TEMPO

/** Load at which the index stands at 63. */
const SCALE = 22

const rounded = (value: number): number => Math.round(value * 100) / 100

/** The index of some parts: what adds up, times the factors, on a scale that never ends. */
export function difficultyFrom(parts: Parts): Difficulty {
  const sum = Object.entries(parts).reduce(
    (all, [part, value]) => ((FACTORS as readonly string[]).includes(part) ? all : all + value),
    0,
  )
  const load = sum * (parts.length ?? 1) * (parts.tempo ?? 1)
  const figures = Object.entries(parts).map(([part, value]) => [part, rounded(value)])
  return { total: rounded(100 * (1 - Math.exp(-load / SCALE))), parts: Object.fromEntries(figures) as Parts }
}
