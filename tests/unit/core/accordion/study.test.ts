import { describe, expect, it } from 'vitest'
import { movesNotes, type RecipeInput } from '#core/instrument'
import { playedNotes } from '#core/playback'
import { othersOf, realise, takeAlternative } from '#core/realise'
import { accordion, accordionRecipe, type AccordionStudy, buttonsOf, leftFingers } from '../../../support/accordion'
import { english, messageOf } from '../../../support/english'

const C = { tonic: 'C', kind: 'major' } as const
const input = (some: object): string =>
  messageOf(() => realise({ instrument: 'accordion', material: C, ...some } as RecipeInput))

describe('a root that is held', () => {
  const held = { left: { part: 'held-bass' } } as const

  it('is one bass button that rings under each key, however it is said', () => {
    const { bass } = accordion('C', 'major', held, { pattern: { journey: { keys: ['C', 'Bb', 'F#'], legs: 'each' } } })
    expect(bass!.pitches.map((pitch) => pitch.slice(0, -1))).toEqual(['C', 'Bb', 'F#'])
    expect(bass!.notes.map(({ step, holds }) => [step, holds])).toEqual([0, 1, 2].map((at) => [29 * at, 29]))
    const said = accordionRecipe({ material: C, pattern: { accompaniment: 'held-tonic' } })
    expect(said.accordion.left.part).toBe('held-bass')
    expect(said.pattern.accompaniment).toBe('none')
    expect(accordionRecipe(said)).toEqual(said)
  })

  it('is for runs, and for the right hand over it', () => {
    expect(input({ material: { tonic: 'C', kind: 'cadence-major' }, accordion: held })).toMatch(/over a held bass/)
    expect(input({ hands: 'left', pattern: { accompaniment: 'held-tonic' } })).toMatch(/accordion.left.part/)
  })
})

describe('what an accordion does where nothing is said', () => {
  it('lays the right hand over alternating bass, turns at the top, on 41 keys and 120 basses', () => {
    const recipe = accordionRecipe({ material: C })
    expect(recipe.accordion).toMatchObject({ treble: 'keys-41', bass: 120, registers: ['8'] })
    expect(recipe.accordion.left).toMatchObject({ part: 'alternating', school: 'four-three' })
    expect(recipe.accordion.bellows).toEqual({ turn: 'top', beats: 8, first: 'opening' })
    expect([recipe.hands, recipe.school]).toEqual(['together', 'conservatory'])
  })

  it.each([
    [{ hands: 'left' }, 'left', 'scale'],
    [{ hands: 'right' }, 'right', 'none'],
    [{ accordion: { left: { part: 'none' } } }, 'right', 'none'],
    [{ material: { tonic: 'C', kind: 'chromatic' } }, 'together', 'scale'],
    [{ material: { tonic: 'C', kind: 'double-thirds-chromatic-minor' } }, 'right', 'none'],
    [{ material: { tonic: 'C', kind: 'cadence-minor' } }, 'together', 'cadence'],
    [{ material: { pitches: ['C4', 'E4'] } }, 'right', 'none'],
  ] as const)('%j: %s, %s', (some, hands, part) => {
    const recipe = accordionRecipe({ material: C, ...some } as RecipeInput)
    expect([recipe.hands, recipe.accordion.left.part]).toEqual([hands, part])
  })

  it('takes the usual school of buttons on buttons', () => {
    expect(accordionRecipe({ material: C, accordion: { treble: 'b-4' } }).school).toBe('four-fingers')
  })

  it.each([
    ['minor', 'natural-minor', 'm3'],
    ['seventh', 'dominant-seventh-arpeggio', '73'],
    ['diminished', 'diminished-seventh-arpeggio', 'd3'],
  ] as const)('finds the %s chord of a form', (_, kind, button) => {
    const study = accordion('A', kind, {}, { octaves: 1 })
    expect(buttonsOf(study).split(' ')[1]).toBe(button)
  })
})

describe('what the left hand plays', () => {
  it('goes bass, chord, chord in three, the bass changing bar by bar', () => {
    const study = accordion('G', 'major', { left: { part: 'waltz' } }, { octaves: 2 })
    expect(study.rhythm.beatsPerBar).toBe(3)
    expect(buttonsOf(study).split(' ').slice(0, 6)).toEqual(['f1', 'M1', 'M1', 'f2', 'M1', 'M1'])
    const end = study.rhythm.notes.at(-1)!
    expect((end.start + end.beats + study.rhythm.rests.reduce((sum, { beats }) => sum + beats, 0)) % 3).toBeCloseTo(0)
  })

  it('strikes every two beats where it is slow, and as often as the notes go', () => {
    const slow = accordion('C', 'major', { left: { every: 2 } }, { octaves: 1 })
    expect(slow.bass!.notes.map(({ step }) => step)).toEqual([0, 4, 8, 12])
    const quick = accordion('C', 'major', {}, { octaves: 1, tempo: { bpm: 60, notesPerBeat: 4 } })
    expect(quick.bass!.notes.map(({ step }) => step)).toEqual([0, 4, 8, 12])
  })

  it('plays primary chords, each with its bass', () => {
    const major = accordion('C', 'major', { left: { part: 'cadence' } }, { hands: 'left' })
    expect(buttonsOf(major)).toBe('f0 M0 f-1 M-1 f1 71 f0 M0')
    const minor = accordion('A', 'harmonic-minor', { left: { part: 'cadence' } }, { hands: 'left' })
    expect(buttonsOf(minor)).toBe('f3 m3 f2 m2 f4 74 f3 m3')
    expect(leftFingers(major)).toBe('4 3 4 3 4 3 4 3')
  })

  it('holds chords for the bar, or strikes them on every beat', () => {
    const held = accordion('C', 'major', { left: { part: 'chords', held: true } }, { octaves: 1 })
    expect(held.bass!.notes.map(({ step, holds }) => [step, holds])).toEqual([
      [0, 8],
      [8, 7],
    ])
    const again = accordion('C', 'major', { left: { part: 'chords' } }, { octaves: 1 })
    expect(again.bass!.notes).toHaveLength(8)
  })

  it('takes I or V7 by the notes of the bar, or as it is told bar by bar', () => {
    const own = accordion('C', 'major', { left: { harmony: 'own', bars: ['I', 'V7', 'IV'] } }, { octaves: 2 })
    const first = (bar: number) => buttonsOf(own).split(' ')[4 * bar]
    expect([first(0), first(1), first(2)]).toEqual(['f0', 'f1', 'f-1'])
    const byBar = accordion(
      'C',
      'major',
      { left: { harmony: 'by-bar' } },
      { octaves: 1, tempo: { bpm: 60, notesPerBeat: 1 } },
    )
    // C D E F, G A B C, B A G F, E D C: more of G7 in none but the third
    expect(byBar.bass!.buttons.filter(({ row }) => row === 'seventh').length).toBeGreaterThan(0)
    expect(buttonsOf(byBar).split(' ').at(-1)).toBe('f0')
  })

  it('closes with bass and chord under the full chord, after a five-finger run', () => {
    const study = accordion('C', 'major', {}, { octaves: 1, bookends: { before: 'five-finger', after: 'tonic-chord' } })
    const last = study.bass!.notes.at(-1)!.step
    expect(study.bass!.notes.filter(({ step }) => step === last)).toHaveLength(2)
    expect(study.hands.right!.notes.filter(({ step }) => step === last)).toHaveLength(4)
    expect(study.sections).toHaveLength(3)
  })
})

describe('bellows', () => {
  const turns = (bellows: object, some: object = {}): [number, string][] =>
    accordion('C', 'major', { bellows }, { octaves: 2, ...some }).bellows.map(({ step, direction }) => [
      step,
      direction,
    ])

  it('turn at the top, at every octave, by beats, or freely', () => {
    expect(turns({})).toEqual([
      [0, 'opening'],
      [14, 'closing'],
    ])
    expect(turns({ turn: 'octave', first: 'closing' })).toEqual([
      [0, 'closing'],
      [7, 'opening'],
      [14, 'closing'],
      [21, 'opening'],
    ])
    expect(turns({ turn: 'beats', beats: 4 }).map(([step]) => step)).toEqual([0, 8, 16, 24])
    expect(turns({ turn: 'free', first: 'closing' })).toEqual([[0, 'closing']])
  })

  it('never turn inside a figure, which is slurred', () => {
    const figured = turns(
      { turn: 'beats', beats: 2 },
      { pattern: { figure: 'groups-of-three' }, tempo: { bpm: 60, notesPerBeat: 2 } },
    )
    expect(figured.every(([step]) => step % 3 === 0)).toBe(true)
    const pairs = turns({ turn: 'octave' }, { rhythm: { lengths: 'long-short' } })
    expect(pairs.every(([step]) => step % 2 === 0)).toBe(true)
  })

  it('begin a new way with a new section, and with every other bar of strokes alone', () => {
    const study = accordion('C', 'major', {}, { octaves: 1, bookends: { after: 'tonic-chord' } })
    expect(study.bellows.map(({ direction }) => direction)).toEqual(['opening', 'closing', 'opening'])
    const alone = accordion('C', 'major', { left: { part: 'alternating' } }, { hands: 'left' })
    expect(alone.bellows.map(({ step }) => step)).toEqual([0, 8])
  })

  it('are heard to turn, unless they are not to be', () => {
    const study = accordion('C', 'major', {}, { octaves: 1 })
    const at = (dips: boolean) => playedNotes(study, { dips }).find(({ step, hand }) => step === 7 && hand === 'right')!
    expect(at(true).strength).toBeLessThan(at(false).strength)
    expect(at(true).beats).toBeGreaterThan(0)
  })

  it('swell from one turn to the middle of the draw and fall towards the next, in both hands alike', () => {
    const study = accordion('C', 'major', { bellows: { turn: 'beats', beats: 8 } }, { octaves: 2 })
    const turns = study.bellows.map(({ step }) => study.rhythm.notes[step]!.start)
    expect(turns.length).toBeGreaterThan(1)
    const even = playedNotes(study, { dips: false })
    const shares = playedNotes(study).map(({ strength, start }, at) => [start, strength / even[at]!.strength] as const)
    for (const [start, share] of shares) {
      const from = turns.findLast((turn) => turn <= start + 1e-6)!
      const into = start - from
      if (into < 1e-6) expect(share).toBeCloseTo(0.78, 3)
      else expect(share).toBeGreaterThan(0.78)
      expect(share).toBeLessThanOrEqual(1)
      for (const [other, its] of shares) if (Math.abs(other - start) < 1e-6) expect(its).toBeCloseTo(share, 6)
    }
    expect(Math.max(...shares.map(([, share]) => share))).toBeGreaterThan(0.98)
  })
})

describe('what is heard', () => {
  it('sounds registers of the right hand, basses in octaves, chords as the machine couples them', () => {
    const study = accordion('C', 'major', { registers: ['16', '8'] }, { octaves: 1 })
    const first = playedNotes(study).filter(({ step }) => step === 0)
    expect(
      first
        .filter(({ hand }) => hand === 'right')
        .map(({ midi }) => midi)
        .sort(),
    ).toEqual([48, 60])
    expect(new Set(first.filter(({ hand }) => hand === 'left').map(({ midi }) => midi % 12))).toEqual(new Set([0]))
    const chord = playedNotes(study).filter(({ step, hand }) => step === 2 && hand === 'left')
    expect(chord.map(({ midi }) => midi % 12).sort((a, b) => a - b)).toEqual([0, 4, 7])
  })
})

describe('pins', () => {
  const left = (pins: object[]) =>
    realise({
      instrument: 'accordion',
      material: C,
      octaves: 1,
      hands: 'left',
      course: 'up',
      pins,
    } as unknown as RecipeInput) as AccordionStudy

  it('fix a finger, a degree, or a button, and the rest is solved around them', () => {
    const study = left([
      { hand: 'left', index: 1, button: { row: 'counterbass', column: -2 } },
      { hand: 'left', degree: 7, finger: 2 },
    ])
    expect(buttonsOf(study).split(' ')[1]).toBe('c-2')
    expect(study.bass!.fingers[6]).toBe(2)
    expect(study.bass!.pinned.map(({ index }) => index)).toEqual([1, 6])
    expect(study.bass!.reasons[0]!.kind).toBe('pin')
  })

  it('say which of them cannot stand together', () => {
    const wrong = messageOf(() =>
      left([
        { hand: 'left', index: 0, button: { row: 'fundamental', column: 3 } },
        { hand: 'left', index: 2, finger: 2 },
      ]),
    )
    expect(wrong).toContain('bass A on C (note 1)')
    expect(wrong).not.toContain('2 on E')
  })

  it('take the button of another way, as well as its fingers', () => {
    const study = realise({ ...left([]).recipe } as RecipeInput, {}, 30) as AccordionStudy
    const other = othersOf(study, 'left').find(({ pins }) => pins)!
    const pins = takeAlternative(study, 'left', other.marks, other.pins as never)
    const taken = realise({ ...study.recipe, pins } as RecipeInput) as AccordionStudy
    expect(leftFingers(taken)).toBe(other.marks.join(' '))
    expect(buttonsOf(taken)).not.toBe(buttonsOf(study))
  })

  it('outlive what moves no note: bellows, registers, the left hand’s school', () => {
    const before = accordionRecipe({ material: C })
    const change = (some: object) =>
      movesNotes(before as RecipeInput, { accordion: { ...before.accordion, ...some } } as Partial<RecipeInput>)
    expect(change({ bellows: { turn: 'octave' } })).toBe(false)
    expect(change({ registers: ['16'] })).toBe(false)
    expect(change({ treble: 'c-5' })).toBe(true)
    expect(change({ left: { ...before.accordion.left, part: 'waltz' } })).toBe(true)
  })
})

describe('what cannot be had is named', () => {
  it.each([
    [{ octaves: 3, startOctave: 4, accordion: { treble: 'keys-26' } }, 'above', '26 keys of the accordion'],
    [
      { material: { tonic: 'Eb', kind: 'major' }, octaves: 1, accordion: { bass: 12 } },
      'A board of 12 has no',
      'It has this in',
    ],
    [
      { material: { tonic: 'C', kind: 'natural-minor' }, octaves: 1, accordion: { bass: 12 } },
      'C minor',
      'larger board',
    ],
    [{ school: 'with-thumb' }, '“with-thumb” is no school for keys', 'conservatory'],
    [{ school: 'conservatory', accordion: { treble: 'c-3' } }, 'no school for buttons', 'four-fingers'],
    [{ accordion: { left: { school: 'five' } } }, 'accordion.left.school', 'four-three, three-two'],
    [{ accordion: { bass: 100 } }, 'accordion.bass', '120'],
    [{ accordion: { treble: 'keys-50' } }, 'accordion.treble', 'keys-41'],
    [{ accordion: { bellows: { beats: 0 } } }, 'accordion.bellows.beats', '1'],
    [{ accordion: { bellows: { turns: 'top' } } }, 'accordion.bellows.turns', 'not known'],
    [{ accordion: { bass: 24, rows: ['major'] } }, 'must name their row', 'accordion.rows'],
    [{ accordion: { columns: { from: 2 } } }, 'accordion.columns.from', ''],
    [{ accordion: { columns: { from: -3, to: 13 } } }, 'accordion.columns.to', ''],
    [
      {
        accordion: {
          missing: [
            { row: 'major', column: 0 },
            { row: 'bass', column: 0 },
          ],
        },
      },
      'accordion.missing[1].row',
      '',
    ],
    [{ accordion: { registers: [] } }, 'accordion.registers', '16'],
    [{ accordion: { left: { harmony: 'own' } } }, 'accordion.left.bars', 'at least one'],
    [
      { material: { pitches: [['C4', 'D4', 'E4', 'F4', 'G4']] }, hands: 'right', accordion: { treble: 'c-5' } },
      'C4 D4 E4 F4 G4',
      '',
    ],
    [{ material: { pitches: [['C3', 'D3', 'E3', 'F3', 'G3']] }, hands: 'left' }, 'C', ''],
    [{ pins: [{ hand: 'left', index: 0, finger: 1 }] }, 'left thumb', '2, 3, 4 or 5'],
    [{ motion: 'contrary' }, 'no contrary motion', 'similar'],
    [{ interval: 'third' }, 'interval must be octave', 'octaves of its own'],
    [{ pattern: { accompaniment: 'held-fifth' } }, 'pattern.accompaniment must be none', 'left.part'],
    [{ hands: 'left', accordion: { left: { part: 'none' } } }, 'must not be none', 'something to play'],
    [
      { material: { tonic: 'C', kind: 'whole-tone' }, accordion: { left: { part: 'alternating' } } },
      'no button gives',
      '',
    ],
    [{ pattern: { walk: 'crossing-loops' }, accordion: { treble: 'c-5' } }, 'for keys', 'no thumb'],
  ])('%j', (some, ...words) => {
    const message = input(some)
    for (const each of words) expect(message).toContain(each)
  })

  it('offers the keys that a board of twelve has, and takes the root again where it has no fifth', () => {
    expect(input({ material: { tonic: 'Ab', kind: 'major' }, octaves: 1, accordion: { bass: 12 } })).toContain(
      'B♭, F, C, G, D and A',
    )
    const study = accordion('A', 'major', { bass: 12 }, { octaves: 1 })
    expect(
      english(study.bass!.reasons)
        .map(({ message }: { message: string }) => message)
        .join(' '),
    ).toContain('the root again')
  })

  it('moves a start that was left open to where the keyboard has it, and takes fewer octaves where it must', () => {
    const study = accordion('C', 'major', { treble: 'keys-25' }, { hands: 'right' })
    expect(study.recipe.startOctave).toBe(4)
    const small = realise({
      instrument: 'accordion',
      material: { tonic: 'F', kind: 'major' },
      hands: 'right',
      accordion: { treble: 'keys-25' },
    } as RecipeInput)
    expect(small.recipe.octaves).toBe(1)
  })
})
