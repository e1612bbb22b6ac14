import { sticksOf } from '../support/mallets'
import { describe, expect, it } from 'vitest'
import { KINDS } from '#core/material'
import { parseNote, pitchClass } from '#core/pitch'
import { realise } from '#core/realise'
import { clearance, keyShapeOf, permutations, recommendedStrokes, strokeBetween, renumbered } from '#core/sticking'
import type { RecipeInput, RealisedSticking } from '#core/instrument'
import { barsFor, deadZones, malletInstrument, NODE, placeOf, strikePoint, MALLET_IDS } from '#core/surface'
import { tonicsOf } from '../support/material'
import { english } from '../support/english'
import { pitchRange } from '../../app/components/desk/compass'

const sticking = (tonic: string, kind: string, some: Partial<RecipeInput> = {}): RealisedSticking =>
  sticksOf(realise({ instrument: 'marimba-4.3', material: { tonic, kind }, octaves: 1, course: 'up', ...some }, {}, 0))
const sticks = (...input: Parameters<typeof sticking>): string => sticking(...input).sticks.join('')
const DEFAULT = { size: 100, gap: null, overlap: null }

/** Written ranges, sounding MIDI numbers and numbers of bars as catalogues have them: common practice, no source. */
describe('instruments', () => {
  it.each([
    ['marimba-4.0', 'C3–C7', 48, 96, 49],
    ['marimba-4.3', 'A2–C7', 45, 96, 52],
    ['marimba-4.5', 'F2–C7', 41, 96, 56],
    ['marimba-4.6', 'E2–C7', 40, 96, 57],
    ['marimba-5.0', 'C2–C7', 36, 96, 61],
    ['vibraphone-3.0', 'F3–F6', 53, 89, 37],
    ['vibraphone-3.5', 'C3–F6', 48, 89, 42],
    ['vibraphone-4.0', 'C3–C7', 48, 96, 49],
    ['xylophone-3.0', 'C4–C7', 72, 108, 37],
    ['xylophone-3.5', 'F3–C7', 65, 108, 44],
    ['xylophone-4.0', 'C3–C7', 60, 108, 49],
    ['glockenspiel-2.5', 'G3–C6', 79, 108, 30],
    ['glockenspiel-2.67', 'F3–C6', 77, 108, 32],
  ] as const)('%s: %s written, %i to %i sounding, %i bars', (id, written, lowest, highest, bars) => {
    const instrument = malletInstrument(id)
    expect(pitchRange({ lowest: instrument.lowest, highest: instrument.highest })).toBe(written)
    expect(instrument.lowest + instrument.transposition).toBe(lowest)
    expect(instrument.highest + instrument.transposition).toBe(highest)
    expect(barsFor(instrument, DEFAULT)).toHaveLength(bars)
  })

  it('are all there', () => {
    for (const id of MALLET_IDS) expect(malletInstrument(id).id).toBe(id)
  })
})

/** Derived from the layout of the two rows; measures are common practice and uncertain by a tenth. */
describe('bars', () => {
  const bars = barsFor(malletInstrument('marimba-5.0'), DEFAULT)
  const at = (midi: number) => bars.find((bar) => bar.midi === midi)!

  it('lie half a natural apart where an accidental is, a whole one between E and F, seven to the octave', () => {
    expect([60, 61, 62, 63, 64, 65, 66, 71, 72].map((midi) => placeOf(midi) - placeOf(60))).toEqual([
      0, 0.5, 1, 1.5, 2, 3, 3.5, 6, 7,
    ])
  })

  it('make octaves of about 500 mm low, 420 in the middle and 350 at the top', () => {
    for (const [low, wide] of [
      [36, 530],
      [48, 470],
      [60, 437],
      [84, 362],
    ] as const) {
      expect(Math.abs(at(low + 12).x - at(low).x - wide) / wide).toBeLessThan(0.05)
    }
  })

  it('lie 325 mm apart from middle to middle at C4, and 140 mm where the accidental is struck at its near end', () => {
    const carried = (strike: 'centre' | 'near-end') => strikePoint(at(61), strike).y - strikePoint(at(60), strike).y
    expect(Math.abs(carried('centre') - 325)).toBeLessThan(10)
    expect(Math.abs(carried('near-end') - 140)).toBeLessThan(6)
  })

  it('are dull around their nodes, which no place to strike comes near', () => {
    // a uniform bar free at both ends: 0.224 of its length (Fletcher and Rossing, The Physics of Musical Instruments; from memory)
    expect(NODE).toBe(0.224)
    for (const strike of ['off-centre', 'centre', 'near-end'] as const) {
      for (const bar of bars) {
        const along = strikePoint(bar, strike).y - bar.near
        for (const [from, to] of deadZones(bar)) expect(along < from || along > to).toBe(true)
      }
    }
  })
})

/** Derived: hands 300 mm apart, 400 mm behind the naturals, rows 150 mm apart; a crossing found by walking along the bars. */
describe('shafts that reach over one another', () => {
  const cross = (onAccidental: 'R' | 'L', apart: number): boolean => {
    // the lower bar straight ahead; the right stick strikes it, the left the upper one
    const [lower, upper] = onAccidental === 'R' ? [150, 0] : [0, 150]
    const right = (y: number) => 150 + ((0 - 150) * (y + 400)) / (lower + 400)
    const left = (y: number) => -150 + ((apart + 150) * (y + 400)) / (upper + 400)
    const reach = Math.min(lower, upper)
    return Array.from({ length: 401 }, (_, y) => y - 400 + reach).some((y) => y <= reach && left(y) > right(y))
  }
  it.each(['R', 'L'] as const)('cross beyond the clearance with the %s on the accidental', (side) => {
    const first = Array.from({ length: 200 }, (_, mm) => mm).find((mm) => cross(side, mm))!
    expect(Math.abs(first - clearance(side))).toBeLessThan(1.01)
  })
  it('are 41 and 56 mm', () => {
    expect([clearance('R'), clearance('L')].map(Math.round)).toEqual([41, 56])
  })
})

/** Worked by hand, one octave ascending: derived from the rows of the notes. */
describe('worked stickings', () => {
  it.each([
    ['F', 'major', 'right', [], 'RLRLRLRL'],
    ['F', 'major', 'left', ['B♭ C'], 'LRRLRLRL'],
    ['Bb', 'major', 'right', ['B♭ C'], 'RRLLRLRL'],
    ['Bb', 'major', 'left', ['E♭ F'], 'LRRLRLRL'],
    ['E', 'major', 'right', ['E F♯', 'B C♯'], 'RRLRLRLR'],
    ['E', 'major', 'left', [], 'LRLRLRLR'],
    ['G#', 'harmonic-minor', 'right', ['B C♯'], 'RRLRRLRL'],
    ['G#', 'harmonic-minor', 'left', ['E F×'], 'LRLRRLRL'],
  ] as const)('%s %s led by the %s', (tonic, kind, lead, crossings, doubled) => {
    const strict = sticking(tonic, kind, { lead, school: 'strict' })
    expect(strict.doubles).toEqual([])
    const hard = strict.inversions.filter(({ severity }) => severity === 'hard').map(({ index }) => index)
    const printed = (name: string) => name.replace(/\d/, '').replace('##', '×').replace('#', '♯').replace('b', '♭')
    expect(hard.map((at) => `${printed(strict.pitches[at - 1]!)} ${printed(strict.pitches[at]!)}`)).toEqual(crossings)
    const own = sticking(tonic, kind, { lead, school: 'doubles' })
    expect(own.sticks.join('')).toBe(doubled)
    expect(own.count.hard).toBe(0)
  })

  it('say why: the double in F is there so that C falls to the right', () => {
    expect(english(sticking('F', 'major', { lead: 'left' }).doubles)).toEqual([
      { index: 2, reason: 'double G A in the right hand, so that C falls to the right' },
    ])
  })

  /** Common practice: a broken chord alternates, or goes in threes, one double to the octave. */
  it('of a broken triad alternate, or go in threes', () => {
    const both = { octaves: 2, course: 'up' } as const
    expect(sticks('C', 'major-arpeggio', { ...both, school: 'strict', lead: 'left' })).toBe('LRLRLRL')
    expect(sticks('C', 'major-arpeggio', { ...both, school: 'restore-lead', lead: 'left' })).toBe('LRRLRRL')
  })
})

/** Which leads keep strict alternation free of hard crossings, recomputed from places of bars alone, without the engine. */
describe('leads free of crossings', () => {
  const freeLeads = (tonic: number, semitones: readonly number[]): string[] => {
    const places = [...semitones, 12].map((each) => placeOf(60 + tonic + each))
    const hard = places.flatMap((place, at) => (at > 0 && place - places[at - 1]! >= 1.5 ? [at - 1] : []))
    return ['left', 'right'].filter((lead) => hard.every((at) => at % 2 === (lead === 'left' ? 0 : 1)))
  }
  const keys = (['major', 'harmonic-minor'] as const).flatMap((kind) =>
    tonicsOf(kind).map((tonic): [string, typeof kind] => [tonic, kind]),
  )
  it.each(keys)('%s %s', (tonic, kind) => {
    const semitones = KINDS[kind].up.map((interval) => interval.semitones)
    const found = (['left', 'right'] as const).filter(
      (lead) => sticking(tonic, kind, { lead, school: 'strict' }).count.hard === 0,
    )
    expect(found).toEqual(freeLeads(pitchClass(parseNote(tonic)), semitones))
  })

  /** The table as derived by hand for this project. */
  it('are, in the majors: C either; D♭ D F F♯ G the right; E♭ E the left; A♭ A B♭ B neither', () => {
    const leads = (tonic: string, kind: string) =>
      (['left', 'right'] as const)
        .filter((lead) => sticking(tonic, kind, { lead, school: 'strict' }).count.hard === 0)
        .join(' ')
    const of = (kind: string, tonics: string) => tonics.split(' ').map((tonic) => leads(tonic, kind))
    expect(new Set(of('major', 'C'))).toEqual(new Set(['left right']))
    expect(new Set(of('major', 'Db D F F# G'))).toEqual(new Set(['right']))
    expect(new Set(of('major', 'Eb E'))).toEqual(new Set(['left']))
    expect(new Set(of('major', 'Ab A Bb B'))).toEqual(new Set(['']))
    expect(new Set(of('harmonic-minor', 'D F F# A'))).toEqual(new Set(['right']))
    expect(new Set(of('harmonic-minor', 'C C# Eb E G G# Bb B'))).toEqual(new Set(['']))
  })
})

/** Parity, derived: seven steps to the octave. */
describe('strict alternation', () => {
  it('there and back is 15 strokes, the first hand as the last, and every bar keeps its hand', () => {
    const { sticks: own, midi } = sticking('D', 'major', { course: 'up-down', school: 'strict' })
    expect(own).toHaveLength(15)
    expect(own[0]).toBe(own.at(-1))
    midi.forEach((key, at) => expect(own[at]).toBe(own[midi.lastIndexOf(key)]))
  })
  it('over two octaves is 29 strokes, and the second octave begins with the other hand', () => {
    const own = sticking('D', 'major', { octaves: 2, course: 'up-down', school: 'strict' }).sticks
    expect(own).toHaveLength(29)
    expect(own[7]).not.toBe(own[0])
  })
  it('with its top struck twice is 16 strokes, and every bar changes hands', () => {
    const { sticks: own, midi } = sticking('D', 'major', { course: 'up-down', school: 'strict', tops: 'twice' })
    expect(own).toHaveLength(16)
    expect(midi[7]).toBe(midi[8])
    for (let at = 0; at < 8; at++) expect(own[at]).not.toBe(own[15 - at])
  })
})

/** Common practice. */
describe('rudiments', () => {
  it.each([
    ['paradiddle', 'RLRRLRLL', 'LRLLRLRR'],
    ['double-paradiddle', 'RLRLRRLRLRLL', 'LRLRLLRLRLRR'],
    ['paradiddle-diddle', 'RLRRLLRLRRLL', 'LRLLRRLRLLRR'],
    ['inverted-paradiddle', 'RLLRLRRL', 'LRRLRLLR'],
  ] as const)('%s', (rudiment, right, left) => {
    expect(sticks('G', 'major', { rudiment }).startsWith(right)).toBe(true)
    expect(sticks('G', 'major', { rudiment, lead: 'left' }).startsWith(left)).toBe(true)
  })
  it('stand whole on every degree, accented at their first stroke, or give a note to each stroke', () => {
    const on = realise({
      instrument: 'marimba-4.3',
      material: { tonic: 'G', kind: 'major' },
      rudiment: 'paradiddle',
      octaves: 1,
      course: 'up',
    })
    expect(sticksOf(on).midi.slice(0, 8)).toEqual([67, 67, 67, 67, 69, 69, 69, 69])
    expect(on.rhythm.accents.slice(0, 3)).toEqual([0, 4, 8])
    const over = sticking('G', 'major', { rudiment: 'paradiddle', rudimentOn: 'stroke' })
    expect(over.midi).toEqual([67, 69, 71, 72, 74, 76, 78, 79])
    expect(over.sticks.join('')).toBe('RLRRLRLL')
  })
})

/** Arithmetic of strokes; the registers' speeds are planning values, from practice and uncertain. */
describe('rolls', () => {
  it.each([
    [60, [2, 3, 4, 6, 8]],
    [90, [3, 4.5, 6, 9, 12]],
  ])('at %i go %j strokes a second', (bpm, speeds) => {
    const plans = ([2, 3, 4, 6, 8] as const).map(
      (strokes) => sticking('C', 'major', { roll: { manner: 'through', strokes }, tempo: { bpm } }).roll!,
    )
    expect(plans.map((plan) => plan.perSecond)).toEqual(speeds)
  })
  it('want six strokes low and eight in the middle at 80', () => {
    expect(recommendedStrokes(80, { least: 6, most: 9 })).toBe(6)
    expect(recommendedStrokes(80, { least: 9, most: 13 })).toBe(8)
  })
  it('of three strokes swap the lead from beat to beat, of even ones keep it; each begins anew where they are separate', () => {
    const rolled = (strokes: 2 | 3 | 6, manner: 'through' | 'separate') =>
      sticks('C', 'major', { roll: { manner, strokes } })
    expect(rolled(3, 'through')).toBe('RLRLRLRL')
    expect(rolled(6, 'through')).toBe('RRRRRRRR')
    expect(rolled(3, 'separate')).toBe('RRRRRRRR')
  })
})

/** Facts of counting and of both numberings; names of strokes are common practice. */
describe('four mallets', () => {
  it('have 24 orders: a third begin in one hand, two thirds go from hand to hand', () => {
    const all = permutations()
    expect(new Set(all.map(({ figure }) => figure)).size).toBe(24)
    expect(all.filter(({ stroke }) => stroke === 'hand-to-hand')).toHaveLength(16)
    expect(all.filter(({ stroke }) => stroke === 'double-lateral-in')).toHaveLength(4)
    expect(all.filter(({ stroke }) => stroke === 'double-lateral-out')).toHaveLength(4)
  })
  it('are numbered both ways, and reversed twice are themselves again', () => {
    for (const mallet of [1, 2, 3, 4]) expect(renumbered(renumbered(mallet))).toBe(mallet)
    expect([1, 2, 3, 4].map(renumbered)).toEqual([4, 3, 2, 1])
    const mallets = { count: 4, figure: '4321', numbering: 'high-to-low' } as const
    const reversed = sticking('C', 'major', { mallets })
    const plain = sticking('C', 'major', { mallets: { count: 4, figure: '1234' } })
    expect(reversed.pitches).toEqual(plain.pitches)
    expect(reversed.mallets!.slice(0, 4)).toEqual([4, 3, 2, 1])
    expect(reversed.sticks).toEqual(plain.sticks)
  })
  it('turn outward or inward, alternate or repeat', () => {
    expect([strokeBetween(1, 2), strokeBetween(2, 1), strokeBetween(3, 4), strokeBetween(4, 3)]).toEqual([
      'double-lateral-in',
      'double-lateral-out',
      'double-lateral-out',
      'double-lateral-in',
    ])
    expect([strokeBetween(2, 3), strokeBetween(2, 2)]).toEqual(['hand-to-hand', 'single-independent'])
  })
})

/** What a pupil remembers of a key, worked out by hand from its notes. */
describe('shapes of keys', () => {
  const shape = (tonic: string, kind: 'major' | 'harmonic-minor') => {
    const { straight, excursions } = keyShapeOf(
      pitchClass(parseNote(tonic)),
      KINDS[kind].up.map((interval) => interval.semitones),
    )
    return straight
      ? 'straight'
      : excursions.map(({ degrees }) => degrees.map((degree) => degree + 1).join('')).join(' ')
  }
  it.each([
    ['C', 'major', 'straight'],
    ['F', 'major', '4'],
    ['Bb', 'major', '1 4'],
    ['E', 'major', '23 67'],
    ['Db', 'major', '12 456'],
    ['F#', 'major', '123 56'],
    ['G#', 'harmonic-minor', '12 45'],
  ] as const)('%s %s: %s', (tonic, kind, out) => expect(shape(tonic, kind)).toBe(out))

  it('move as often as they leave the naturals, there and back', () => {
    const { rowMoves } = sticking('F', 'major', { course: 'up-down', octaves: 2 })
    expect(rowMoves.map(({ to }) => to[0]).join('')).toBe('anananan')
  })
})
