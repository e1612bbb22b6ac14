import { describe, expect, it } from 'vitest'
import type { Practice } from '#core/playback'
import { playedNotes } from '#core/playback'
import { realise } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import { useBrowser } from '../support/browser'
import { onsetsOf, renderedSound } from '../support/renderedSound'
import type { Wanted } from '../support/soundPage'
import { atNight } from '../support/night'

const { open } = useBrowser()

/** What the page would play, rendered on an offline audio context in the real browser. */
interface Sound {
  readonly sampleRate: number
  readonly samples: readonly number[]
}
const practice: Practice = { loop: 'once', bpm: 60, selection: null, rounds: 0, faster: 5, most: 240 }
const RIGHT: RecipeInput = {
  material: { tonic: 'C', kind: 'major' },
  hands: 'right',
  octaves: 1,
  course: 'up',
  articulation: 'staccato',
  tempo: { bpm: 60, notesPerBeat: 1 },
}
async function render(some: Partial<Wanted> = {}): Promise<Sound> {
  const { page } = await open('/api/health')
  const plain: Wanted = { recipe: RIGHT, practice, hands: ['right'], metronome: 'off', countIn: 0, seconds: 10 }
  return renderedSound(page, { ...plain, ...some })
}

const SILENT_SECONDS = 0.06
const onsets = ({ samples, sampleRate }: Sound): number[] => onsetsOf(samples, sampleRate, SILENT_SECONDS)
const peak = ({ samples, sampleRate }: Sound, from: number, to: number): number =>
  samples.slice(from * sampleRate, to * sampleRate).reduce((most, sample) => Math.max(most, Math.abs(sample)), 0)

/** How strong one frequency is in a stretch: the Goertzel algorithm's bin, by its definition. */
function strength({ samples, sampleRate }: Sound, from: number, to: number, hertz: number): number {
  let [re, im] = [0, 0]
  samples.slice(from * sampleRate, to * sampleRate).forEach((sample, at) => {
    re += sample * Math.cos((2 * Math.PI * hertz * at) / sampleRate)
    im += sample * Math.sin((2 * Math.PI * hertz * at) / sampleRate)
  })
  return Math.hypot(re, im)
}
// equal temperament on A4 = 440 Hz: ISO 16
const hertz = (midi: number): number => 440 * 2 ** ((midi - 69) / 12)
/** The limiter looks this far ahead; all that sounds is late by as much. */
const LATE = 0.012

describe('sound, on an offline audio context', () => {
  it('begins every note in its time, at its pitch, within bounds, and ends in silence', async () => {
    const sound = await render()
    const notes = playedNotes(realise(RIGHT))
    const begun = onsets(sound)
    expect(begun).toHaveLength(notes.length)
    begun.forEach((time, at) => {
      expect(time - notes[at]!.start).toBeGreaterThanOrEqual(0)
      expect(time - notes[at]!.start).toBeLessThan(LATE)
      const [low, own, high] = [-1, 0, 1].map((by) =>
        strength(sound, time + 0.05, time + 0.35, hertz(notes[at]!.midi + by)),
      )
      expect(own, `note ${at + 1}`).toBeGreaterThan(4 * Math.max(low!, high!))
      expect(peak(sound, time, time + 0.4)).toBeGreaterThan(0.05)
    })
    expect(peak(sound, 0, 10)).toBeLessThan(1)
    expect(peak(sound, 9.4, 10)).toBeLessThan(0.001)
  })

  it('swings, accents, and counts in', async () => {
    const recipe = { ...RIGHT, tempo: { bpm: 60, notesPerBeat: 2 }, rhythm: { swing: 70, accents: 4 } } as const
    const sound = await render({ recipe: { ...recipe, articulation: 'staccato' }, countIn: 1, seconds: 12 })
    const times = onsets(sound)
    const [count, begun] = [times.slice(0, 4), times.slice(4)]
    for (const [at, time] of count.entries()) expect(Math.abs(time - at)).toBeLessThan(LATE)
    const first = begun.find((time) => time > 3.9)!
    expect(first - 4).toBeLessThan(LATE)
    const second = begun.find((time) => time > first + 0.2)!
    expect(second - first).toBeCloseTo(0.7, 2)
    const notes = playedNotes(realise(recipe)).map(({ start }) => peak(sound, 4 + start, 4 + start + 0.15))
    expect(notes[4]!).toBeGreaterThan(1.2 * notes[3]!)
    expect(notes[4]!).toBeGreaterThan(1.2 * notes[5]!)
  })

  atNight('leaves a muted hand silent, and the echo’s second bar to the pupil', async () => {
    const recipe: RecipeInput = { ...RIGHT, hands: 'together' }
    const muted = await render({ recipe, hands: ['left'] })
    const alone = await render({ recipe: { ...recipe, hands: 'left', startOctave: 3 }, hands: ['left'] })
    // muting takes a moment, so that it does not click
    const from = muted.sampleRate
    const apart = muted.samples.slice(from).map((sample, at) => Math.abs(sample - alone.samples[from + at]!))
    expect(apart.reduce((most, each) => Math.max(most, each), 0)).toBeLessThan(0.001)
    expect(peak(alone, 1, 2)).toBeGreaterThan(0.05)
    const echo = await render({ practice: { ...practice, loop: 'echo', bpm: 120 }, seconds: 8 })
    expect(peak(echo, 0.1, 1.9)).toBeGreaterThan(0.05)
    expect(peak(echo, 2.5, 3.9)).toBeLessThan(0.001)
    expect(onsets(echo).some((time) => time > 4 && time < 4.05)).toBe(true)
  })

  it('strikes bars: a xylophone an octave above what is written, a roll stroke by stroke', async () => {
    const recipe: RecipeInput = {
      ...{ instrument: 'xylophone-3.5', material: { tonic: 'C', kind: 'major' }, octaves: 1, course: 'up' },
      tempo: { bpm: 60, notesPerBeat: 1 },
    }
    const sound = await render({ recipe, hands: ['right', 'left'] })
    const [written, sounding] = [60, 72].map((midi) => strength(sound, 0.02, 0.2, hertz(midi)))
    expect(sounding).toBeGreaterThan(5 * written!)
    const rolled = { ...recipe, roll: { manner: 'through', strokes: 4 }, bars: {} } as const
    const one = await render({ recipe: { ...rolled, school: 'strict' }, hands: ['right'], seconds: 4 })
    const strokes = [0, 0.25, 0.5, 0.75].map((time) => peak(one, time + 0.002, time + 0.06))
    // only the right stick is heard: the first and third stroke of each beat
    expect(strokes[0]).toBeGreaterThan(3 * strokes[1]!)
    expect(strokes[2]).toBeGreaterThan(3 * strokes[3]!)
  })

  atNight(
    'breathes as bellows do: swelling between the turns, a dip at each, chords as the board couples them',
    async () => {
      const recipe: RecipeInput = {
        ...{ instrument: 'accordion', material: { tonic: 'C', kind: 'major' }, octaves: 1, course: 'up' },
        tempo: { bpm: 60, notesPerBeat: 1 },
        accordion: { bellows: { turn: 'beats', beats: 4 } },
      }
      const alone = { recipe: { ...recipe, hands: 'right' } as RecipeInput, hands: ['right'], seconds: 5 } as const
      const [sound, even] = [await render(alone), await render({ ...alone, dips: false })]
      const trough = (of: Sound, beat: number): number =>
        Math.min(...Array.from({ length: 10 }, (_, at) => peak(of, beat - 0.06 + at * 0.012, beat - 0.04 + at * 0.012)))
      expect(peak(sound, 2.8, 2.9)).toBeGreaterThan(0.75 * peak(sound, 2.2, 2.3))
      expect(trough(sound, 4)).toBeLessThan(0.5 * trough(even, 4))
      expect(trough(sound, 3)).toBeGreaterThan(0.8 * trough(even, 3))
      const bass = { ...recipe, hands: 'left', accordion: { left: { part: 'chords' } } } as RecipeInput
      const chord = playedNotes(realise(bass)).filter(({ start }) => start === 0)
      expect(chord.length).toBeGreaterThan(2)
      const coupled = await render({ recipe: bass, hands: ['left'], seconds: 2 })
      for (const { midi } of chord)
        expect(strength(coupled, 0.2, 0.7, hertz(midi))).toBeGreaterThan(3 * strength(coupled, 0.2, 0.7, hertz(66)))
    },
  )

  atNight('grows faster round by round, without a gap or an overlap', async () => {
    const looped = { ...practice, loop: 'all', bpm: 60, rounds: 1, faster: 30, most: 120 } as const
    const sound = await render({ practice: looped, seconds: 18 })
    const begun = onsets(sound)
    // eight notes, the last of them a beat long to the end of the second bar: 8 beats a round
    const beats = [60, 90, 120].flatMap((bpm) => Array.from({ length: 8 }, () => 60 / bpm))
    const times = beats.reduce((all, length) => [...all, all.at(-1)! + length], [0])
    times.slice(0, 24).forEach((time, at) => {
      const nearest = Math.min(...begun.map((each) => Math.abs(each - time)))
      expect(nearest, `note ${at + 1}`).toBeLessThan(LATE)
    })
  })
})
