import { expose, transfer } from 'comlink'
import { woodClick } from '~/sound/click'
import type { Voice, Voices } from '~/sound/voices'

/** Samples of the instrument, by MIDI number, and of the metronome's clicks. */
export interface Samples {
  readonly notes: readonly { readonly midi: number; readonly samples: Float32Array<ArrayBuffer> }[]
  readonly decibels: number
  readonly clicks: Readonly<Record<'bar' | 'beat' | 'between', Float32Array<ArrayBuffer>>>
}

const CLICKS = { bar: 1900, beat: 1250, between: 820 } as const

/** Each family's folder has the sounds of its makes. */
const found = import.meta.glob<{ makes: Voices }>('../components/instrument/*/voice.ts', { eager: true })
const MAKES: Voices = Object.assign({}, ...Object.values(found).map(({ makes }) => makes))

const api = {
  /** Works out the sounds of an instrument. */
  samples({ make, lowest, highest }: Voice, sampleRate: number): Samples {
    const { note, seconds, every, decibels } = MAKES[make]!
    const sound = (midi: number) => note(midi, sampleRate, seconds)
    const keys = Array.from({ length: Math.floor((highest - lowest) / every) + 2 }, (_, at) => lowest + every * at)
    const notes = keys.map((midi) => ({
      midi,
      samples: sound(midi) as Float32Array<ArrayBuffer>,
    }))
    const click = (weight: keyof typeof CLICKS) => woodClick(CLICKS[weight], sampleRate) as Float32Array<ArrayBuffer>
    const clicks = { bar: click('bar'), beat: click('beat'), between: click('between') }
    const buffers = [
      ...notes.map(({ samples }) => samples.buffer),
      ...Object.values(clicks).map(({ buffer }) => buffer),
    ]
    return transfer({ notes, clicks, decibels }, buffers)
  },
}

export type SoundApi = typeof api

expose(api)
