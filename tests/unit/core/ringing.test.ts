import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseCall, writeCall } from '#core/call'
import { formatOf } from '#core/formats'
import { altered, broughtUp, completeRecipe, type RecipeInput, withManner } from '#core/instrument'
import { playedNotes } from '#core/playback'
import { realise } from '#core/realise'
import { DAMPINGS, type MalletRecipe, type Pedal, type Ring, STICKING_SCHOOLS } from '#core/sticking'
import { MALLET_INSTRUMENTS, type MalletId } from '#core/surface'
import { inEnglish } from '../../support/english'
import { C, refusal, type StickStudy, sticksOf } from '../../support/mallets'
import { anyNamed, RUNS } from '../../support/material'
import { realisedIfItCan } from '../../support/realised'
import { runs } from '../../support/runs'

const vibraphone = (ring: Partial<Ring>, some: Partial<RecipeInput> = {}) =>
  realise({ instrument: 'vibraphone-3.0', material: C, octaves: 1, ...some, ring }) as StickStudy
const count = ({ sticking: { damped } }: StickStudy, follows: boolean): number =>
  damped.filter((each) => each.follows === follows).length

describe('the pedal', () => {
  const ends = (instrument: MalletId, pedal: Pedal): number[] =>
    playedNotes(
      realise({
        ...{ instrument, material: C, octaves: 1, course: 'up', tempo: { bpm: 60, notesPerBeat: 2 } },
        ring: { pedal },
      }),
    ).map(({ start, beats }) => start + beats)

  it.each(MALLET_INSTRUMENTS.map(({ id }) => id))('lets %s ring until it lifts, or is refused', (id) => {
    if (!id.startsWith('vibraphone')) {
      for (const pedal of ['beat', 'bar', 'down'] as const) {
        const [code, path, words] = refusal({ instrument: id, material: C, ring: { pedal } })
        expect([code, path]).toEqual(['ring.pedal', 'ring.pedal'])
        expect(words).toContain('Only a vibraphone has a pedal')
      }
      return
    }
    expect(ends(id, 'beat').slice(0, 6)).toEqual([1, 1, 2, 2, 3, 3])
    expect(ends(id, 'bar').slice(0, 7)).toEqual([4, 4, 4, 4, 4, 4, 4])
    expect(new Set(ends(id, 'down')).size).toBe(1)
  })

  it('does not let a bar ring on that is struck again', () => {
    const study = vibraphone({ pedal: 'down' }, { course: 'up-down' })
    const notes = playedNotes(study)
    notes.forEach((note, at) => {
      const again = notes.slice(at + 1).find(({ midi }) => midi === note.midi)
      if (again) expect(note.start + note.beats).toBeCloseTo(again.start, 6)
    })
  })

  it('stays behind on an instrument that has none, and with it what stops bars', () => {
    const recipe = completeRecipe({
      ...{ instrument: 'vibraphone-3.0', material: C },
      ring: { pedal: 'down', damping: 'next-stroke', dead: 'beats' },
    })
    for (const { id } of MALLET_INSTRUMENTS) {
      const { ring } = completeRecipe(altered(recipe as RecipeInput, { instrument: id })) as MalletRecipe
      expect(ring).toEqual(
        id.startsWith('vibraphone') ? (recipe as MalletRecipe).ring : { pedal: 'note', damping: 'none', dead: 'beats' },
      )
    }
  })
})

describe('bars that a mallet stops', () => {
  it('are those that would mix with the next, each stopped by the mallet that does not strike', () => {
    fc.assert(
      fc.property(
        anyNamed(RUNS),
        fc.constantFrom(...DAMPINGS),
        fc.constantFrom('beat', 'bar', 'down'),
        fc.constantFrom(...STICKING_SCHOOLS),
        fc.integer({ min: 1, max: 2 }),
        (material, damping, pedal, school, octaves) => {
          const study = realisedIfItCan({
            ...{ instrument: 'vibraphone-4.0', material, octaves, school, tempo: { bpm: 90, notesPerBeat: 4 } },
            ring: { pedal, damping, dead: 'none' },
          } as RecipeInput) as StickStudy | null
          if (!study) return
          const { notes, sticks, damped } = study.sticking
          const start = (index: number): number => study.rhythm.notes[notes[index]!.step]!.start
          const every = { beat: 1, bar: study.rhythm.beatsPerBar, down: Infinity }[pedal]
          const stretch = (index: number): number => Math.floor(start(index) / every + 1e-6) || 0
          const expected = notes.flatMap(({ midi }, index) => {
            const apart = index === 0 ? 0 : Math.abs(midi - notes[index - 1]!.midi)
            const mixes = apart > 0 && apart < 3 && stretch(index) === stretch(index - 1)
            return mixes && damping !== 'none' ? [index] : []
          })
          expect(damped.map(({ index }) => index)).toEqual(expected)
          const heard = playedNotes(study)
          for (const { index, of, stick, follows } of damped) {
            expect(of).toBe(index - 1)
            expect(stick).not.toBe(sticks[index])
            expect(follows).toBe(sticks[of] === sticks[index])
            const own = heard.find((each) => each.index === of)!
            expect(own.start + own.beats).toBeLessThanOrEqual(start(index) + 1e-6)
          }
        },
      ),
      { numRuns: runs(60) },
    )
  })

  it('are left to the mallet that is there, or to the other, as the teacher wants it', () => {
    for (const school of ['doubles', 'least-effort'] as const) {
      const [back, follow] = (['next-stroke', 'other-mallet'] as const).map((damping) =>
        vibraphone({ pedal: 'down', damping }, { octaves: 2, school }),
      )
      expect(count(back!, true)).toBeLessThan(count(back!, false))
      expect(count(follow!, true)).toBeGreaterThan(2 * count(back!, true))
      expect(sticksOf(follow!).count.doubles).toBeGreaterThan(sticksOf(back!).count.doubles)
    }
    // chord tones ring: a broken chord has no neighbours
    const chord = vibraphone(
      { pedal: 'down', damping: 'next-stroke' },
      { material: { tonic: 'C', kind: 'major-arpeggio' } },
    )
    expect(sticksOf(chord).damped).toEqual([])
  })

  it('are told of, and make a study harder', () => {
    const plain = vibraphone({ pedal: 'down' })
    const own = vibraphone({ pedal: 'down', damping: 'other-mallet' })
    expect(own.difficulty.total).toBeGreaterThan(plain.difficulty.total)
    const words = (study: StickStudy): string =>
      sticksOf(study)
        .reasons.map(({ message }) => inEnglish(message))
        .join(' ')
    expect(words(own)).toMatch(/Double [A-G] [A-G] in the left hand, so that the right is free to stop [A-G]\./)
    expect(words(own)).toContain('the mallet that struck it goes back on it')
    const unwanted = vibraphone(
      { pedal: 'down', damping: 'next-stroke' },
      { material: { tonic: 'D', kind: 'major' }, octaves: 2 },
    )
    expect(words(unwanted)).toMatch(/mallet follows and stops [A-G] as [A-G] is struck/)
    expect(inEnglish(own.title)).toContain('pedal down, damped by the other mallet')
  })

  it.each([
    [{ ring: { damping: 'next-stroke' } }, 'ring.damping', 'nothing is left to stop'],
    [
      { ring: { pedal: 'down', damping: 'next-stroke' }, roll: { manner: 'separate' } },
      'ring.damping',
      'no mallet free',
    ],
    [{ ring: { pedal: 'down', damping: 'next-stroke' }, mallets: { count: 4 } }, 'ring.damping', 'no mallet free'],
    [{ ring: { pedal: 'down', damping: 'other-mallet' }, rudiment: 'paradiddle' }, 'ring.damping', 'no mallet free'],
    [
      { ring: { pedal: 'bar', damping: 'next-stroke' }, material: { tonic: 'C', kind: 'double-thirds-major' } },
      'ring.damping',
      'take both mallets',
    ],
    [{ ring: { dead: 'all' }, roll: { manner: 'through' } }, 'ring.dead', 'keeps its bars ringing'],
    [{ ring: { pedal: 'sometimes' } }, 'ring.pedal', 'note, beat, bar, down'],
    [{ ring: { halfway: true } }, 'ring.halfway', ''],
  ])('are refused where there is nothing or nobody to stop them: %j', (some, field, words) => {
    const [code, path, told] = refusal({ instrument: 'vibraphone-3.0', material: C, ...some } as RecipeInput)
    expect(code).not.toBe('')
    expect(path).toBe(field)
    expect(told).toContain(words)
  })

  it('go where another manner of striking leaves no mallet free', () => {
    const recipe = completeRecipe({
      ...{ instrument: 'vibraphone-3.0', material: C, octaves: 1 },
      ring: { pedal: 'down', damping: 'next-stroke', dead: 'all' },
    }) as MalletRecipe
    for (const manner of ['paradiddle', 'separate', 'through', 'four', 'school'] as const) {
      expect(refusal({ ...recipe, ...withManner(recipe, manner) } as RecipeInput)[0]).toBe('')
    }
  })
})

describe('dead strokes', () => {
  it.each(MALLET_INSTRUMENTS.map(({ id }) => id))('of %s stop at once: all, or those on the beat', (instrument) => {
    const heard = (dead: Ring['dead']) =>
      playedNotes(realise({ instrument, material: C, octaves: 1, tempo: { bpm: 60, notesPerBeat: 2 }, ring: { dead } }))
    expect(heard('all').every(({ beats }) => beats < 0.2)).toBe(true)
    for (const { start, beats } of heard('beats')) expect(beats < 0.2).toBe(Number.isInteger(start))
  })

  it('need no other mallet to stop them', () => {
    const study = vibraphone({ pedal: 'down', damping: 'next-stroke', dead: 'all' })
    expect([sticksOf(study).damped, sticksOf(study).dead.length]).toEqual([[], sticksOf(study).notes.length])
  })
})

describe('how bars ring, outside', () => {
  const study = vibraphone({ pedal: 'bar', damping: 'next-stroke', dead: 'beats' }, { octaves: 2 })
  const written = (id: 'musicxml' | 'lilypond' | 'abc') =>
    formatOf(id).write({ title: 'Ringing', pieces: [{ title: 'Ringing', study }] }, {}) as string

  it('stands in the formats: the pedal down, changed and up, strokes by name', () => {
    const bars = Math.ceil(study.rhythm.notes.at(-1)!.start / 4 + 1e-6)
    const xml = written('musicxml')
    expect([...xml.matchAll(/<pedal type="(\w+)"/g)].map(([, type]) => type)).toEqual([
      ...['start', ...Array.from({ length: bars - 1 }, () => 'change'), 'stop'],
    ])
    expect(xml.match(/<other-technical>damp</g)).toHaveLength(sticksOf(study).damped.length)
    expect(xml.match(/<other-technical>dead stroke</g)).toHaveLength(sticksOf(study).dead.length)
    expect(written('lilypond').match(/\\sustainOn/g)).toHaveLength(bars)
    expect(written('lilypond').match(/\\sustainOff/g)).toHaveLength(bars)
    expect(written('abc').match(/!ped!/g)).toHaveLength(bars)
    expect(written('abc').match(/!ped-up!/g)).toHaveLength(bars)
  })

  it('is told on a line, and brought up where it was stored before', () => {
    const { recipe } = study
    const [again] = parseCall(writeCall(recipe)).studies
    expect(completeRecipe(again!)).toEqual(recipe)
    const [typed] = parseCall('D major vibraphone pedal down damped by the other mallet dead strokes').studies
    expect(typed).toMatchObject({ ring: { pedal: 'down', damping: 'other-mallet', dead: 'all' } })
    const { ring: _, ...before } = recipe as MalletRecipe
    expect(broughtUp(before).recipe).toMatchObject({ ring: { pedal: 'note', damping: 'none', dead: 'none' } })
  })
})
