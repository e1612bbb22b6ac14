/** In which bars the metronome is silent, so that the pulse is kept by whoever plays. */
export const SILENCES = ['none', 'every-other', 'two-and-two', 'one-of-four'] as const
export type Silence = (typeof SILENCES)[number]

/** Bars that click, and bars that are silent after them. */
const BARS: Readonly<Record<Silence, readonly [number, number]>> = {
  none: [1, 0],
  'every-other': [1, 1],
  'two-and-two': [2, 2],
  'one-of-four': [1, 3],
}

/** Whether the metronome clicks in a bar, counted from 0 since playing began. */
export function clicksInBar(bar: number, silence: Silence): boolean {
  const [click, silent] = BARS[silence]
  return bar % (click + silent) < click
}
