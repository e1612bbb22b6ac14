import type { Recipe } from '#core/instrument'

/** Beats a minute of a tempo in notes a minute, as a metronome is set. */
export const bpmOf = (notes: number, { tempo }: Pick<Recipe, 'tempo'>): number => Math.round(notes / tempo.notesPerBeat)
/** Notes a minute of what a metronome is set to. */
export const notesOf = (bpm: number, { tempo }: Pick<Recipe, 'tempo'>): number => bpm * tempo.notesPerBeat

/** Taps further apart than this begin anew, milliseconds. */
const TAP_GAP = 2000
const MAX_TAPS = 8

/** A tempo as it is tapped: beats a minute once there are two taps, null before. */
export function tapping(now: () => number = () => performance.now()) {
  let taps: number[] = []
  return (): number | null => {
    const at = now()
    taps = at - (taps.at(-1) ?? -Infinity) > TAP_GAP ? [at] : [...taps, at].slice(-MAX_TAPS)
    return taps.length < 2 ? null : Math.round((60_000 * (taps.length - 1)) / (at - taps[0]!))
  }
}
