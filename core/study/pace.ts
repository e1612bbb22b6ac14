export const NOTES_PER_BEAT = [1, 2, 3, 4, 6, 8] as const
export const TEMPO_RANGE = { least: 20, most: 240 } as const

/** Beats a minute and notes to the beat; notes a minute is their product. */
export interface Tempo {
  readonly bpm: number
  readonly notesPerBeat: (typeof NOTES_PER_BEAT)[number]
}

/** Notes a minute: what tempi are compared by, whatever the beat. */
export const notesPerMinute = (tempo: Tempo): number => tempo.bpm * tempo.notesPerBeat
