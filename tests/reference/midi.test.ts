import toneMidi from '@tonejs/midi'
import fc from 'fast-check'
import midiParser from 'midi-parser-js'
import { describe, expect, it } from 'vitest'
import { formatOf } from '#core/formats'
import { playedNotes } from '#core/playback'
import { realise, type RealisedStudy } from '#core/realise'
import { DAMPINGS, PEDALS } from '#core/sticking'
import { anyRecipe } from '../support/recipes'
import { realisedIfItCan } from '../support/realised'
import { runs } from '../support/runs'

/** Sources: @tonejs/midi 2.0.28 and midi-parser-js 4.0.4, two readers of Standard MIDI Files (RP-001) by other hands. */
const written = (study: RealisedStudy): Uint8Array =>
  formatOf('midi').write({ title: 'A study', pieces: [{ title: 'A study', study }] }, {}) as Uint8Array

const TICKS = 480

/** Onsets as ticks and numbers, in order, each once. */
const asText = (notes: readonly (readonly [tick: number, midi: number])[]): string[] =>
  [...new Set(notes.map(([tick, midi]) => `${String(tick).padStart(8, '0')} ${midi}`))].sort()

const byTone = (bytes: Uint8Array): string[] =>
  asText(new toneMidi.Midi(bytes).tracks.flatMap(({ notes }) => notes.map(({ ticks, midi }) => [ticks, midi] as const)))

interface Parsed {
  readonly formatType: number
  readonly timeDivision: number
  readonly track: readonly { readonly event: readonly { deltaTime: number; type: number; data: number[] }[] }[]
}

const NOTE_ON = 9
function byParser(bytes: Uint8Array): string[] {
  const parsed = midiParser.parse(Buffer.from(bytes).toString('base64')) as Parsed
  return asText(
    parsed.track.flatMap(({ event }) => {
      let at = 0
      return event.flatMap(({ deltaTime, type, data }): [number, number][] => {
        at += deltaTime
        return type === NOTE_ON && data[1]! > 0 ? [[at, data[0]!]] : []
      })
    }),
  )
}

const expected = (study: RealisedStudy): string[] =>
  asText(playedNotes(study, { dips: false }).map(({ start, midi }) => [Math.round(start * TICKS), midi] as const))

describe('a MIDI file, read by two readers that are not ours', () => {
  it('has the onsets and pitches that are heard', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        const study = realisedIfItCan(recipe)
        if (!study) return
        const bytes = written(study)
        expect(byTone(bytes)).toEqual(expected(study))
        expect(byParser(bytes)).toEqual(expected(study))
      }),
      { numRuns: runs(100) },
    )
  })

  it('has a track for each hand, tempo, key and title', () => {
    const study = realise({ material: { tonic: 'Eb', kind: 'harmonic-minor' }, tempo: { bpm: 84 } })
    const { header, tracks } = new toneMidi.Midi(written(study))
    expect([header.name, ...tracks.map(({ name }) => name)]).toEqual(['A study', 'right', 'left'])
    expect(Math.round(header.tempos[0]!.bpm)).toBe(84)
    expect(header.keySignatures[0]).toMatchObject({ key: 'Gb', scale: 'minor' })
    expect(header.timeSignatures[0]!.timeSignature).toEqual([4, 4])
  })

  it('holds a roll stroke by stroke, or as one long note', () => {
    const study = realise({
      material: { tonic: 'C', kind: 'major' },
      instrument: 'marimba-4.3',
      roll: { manner: 'separate', strokes: 8 },
    } as never)
    const bundle = { title: 'A roll', pieces: [{ title: 'A roll', study }] }
    const count = (strokes: boolean): number =>
      new toneMidi.Midi(formatOf('midi').write(bundle, { strokes }) as Uint8Array).tracks.flatMap(({ notes }) => notes)
        .length
    expect(count(false)).toBe(study.steps)
    expect(count(true)).toBeGreaterThan(2 * study.steps)
  })

  it('has notes of a vibraphone that last until the pedal lifts, a mallet stops them, or they are struck again', () => {
    for (const pedal of PEDALS) {
      for (const damping of pedal === 'note' ? (['none'] as const) : DAMPINGS) {
        const study = realise({
          ...{ instrument: 'vibraphone-3.0', material: { tonic: 'D', kind: 'major' }, octaves: 2 },
          ring: { pedal, damping },
        })
        const ends = new toneMidi.Midi(written(study)).tracks.flatMap(({ notes }) =>
          notes.map(({ ticks, durationTicks, midi }) => [ticks, midi, ticks + durationTicks] as const),
        )
        const heard = playedNotes(study).map(({ start, beats, midi }) => [start, midi, start + beats])
        const inTicks = heard.map(([start, midi, end]) => [
          ...[Math.round(start! * TICKS), midi!, Math.round(end! * TICKS)],
        ])
        const sorted = (all: readonly (readonly number[])[]) => all.map(String).sort()
        expect(sorted(ends)).toEqual(sorted(inTicks))
      }
    }
  })
})
