import { describe, expect, it } from 'vitest'
import {
  KINDS,
  materialOf,
  type NamedMaterial,
  neighbourMessage,
  neighboursOf,
  scalesOver,
  stepsMessage,
  usualTonics,
} from '#core/material'
import { noteName, pitchClass } from '#core/pitch'
import { inEnglish } from '../support/english'
import { fingered } from '../support/played'

const said = (tonic: string, kind: NamedMaterial['kind'] = 'major') =>
  neighboursOf({ tonic, kind }).map((each) => inEnglish(neighbourMessage(each, { tonic, kind })))

/** What a key shares with those beside it: facts of the trade, common practice without a published source. */
describe('a key and those beside it', () => {
  it('a fifth up degree 7 is raised, a fourth up degree 4 lowered; the relative has all its notes', () => {
    expect(said('C')).toEqual([
      'A natural minor has the same notes and begins on degree 6.',
      'G major, a fifth up: degree 7 raised (F♯), one sharp more.',
      'F major, a fourth up: degree 4 lowered (B♭), one flat more.',
      'C natural minor, on the same tonic: degree 3 lowered (E♭), degree 6 lowered (A♭) and degree 7 lowered (B♭), three flats more.',
    ])
    expect(said('D')[2]).toBe('G major, a fourth up: degree 4 lowered (C), one sharp fewer.')
    expect(said('Bb')[1]).toBe('F major, a fifth up: degree 7 raised (E), one flat fewer.')
    expect(said('A', 'natural-minor')[0]).toBe('C major has the same notes and begins on degree 3.')
  })

  it('holds in all keys: one degree changes with each fifth', () => {
    for (const tonic of usualTonics(KINDS.major).map(noteName)) {
      for (const { by, changed, signs } of neighboursOf({ tonic, kind: 'major' })) {
        if (by === 'relative') expect(changed).toEqual([])
        if (by === 'fifth-up')
          expect([changed.map(({ degree, way }) => [degree, way]), signs]).toEqual([[[7, 'raised']], 1])
        if (by === 'fourth-up')
          expect([changed.map(({ degree, way }) => [degree, way]), signs]).toEqual([[[4, 'lowered']], -1])
        if (by === 'parallel') expect(changed.map(({ degree }) => degree)).toEqual([3, 6, 7])
      }
    }
  })

  it('says its steps as they are said aloud', () => {
    expect(inEnglish(stepsMessage({ tonic: 'Eb', kind: 'major' }))).toMatch(/^Steps: (W W H W W W H|T T S T T T S)$/)
    expect(neighboursOf({ tonic: 'C', kind: 'blues' })).toEqual([])
  })
})

// common practice, no source; the augmented and the dominant chord as one practitioner has them
describe('scales over a chord', () => {
  it.each([
    ['augmented-arpeggio', ['whole-tone']],
    ['dominant-seventh-arpeggio', ['mixolydian', 'bebop-dominant', 'octatonic-half-whole']],
  ] as const)('over %s: %j', (kind, scales) => {
    expect(scalesOver({ tonic: 'C', kind })).toEqual(scales.map((scale) => ({ tonic: 'C', kind: scale })))
  })

  it('hold every note of the chord, under its own name or another, whatever the chord', () => {
    const chords = Object.values(KINDS).filter(({ scales, treatment }) => scales && treatment === null)
    expect(chords.length).toBeGreaterThan(10)
    for (const { id } of chords) {
      for (const tonic of ['C', 'F#', 'Eb', 'B']) {
        const material = { tonic, kind: id as NamedMaterial['kind'] }
        for (const scale of scalesOver(material)) {
          const sounds = materialOf(scale).up.map(pitchClass)
          for (const note of materialOf(material).up) expect(sounds, `${id} ${scale.kind}`).toContain(pitchClass(note))
        }
      }
    }
  })

  it('one scale serves F7 and C minor seventh', () => {
    const notes = (tonic: string, kind: NamedMaterial['kind']) => materialOf({ tonic, kind }).up.map(noteName).sort()
    const over = (tonic: string, kind: NamedMaterial['kind']) => scalesOver({ tonic, kind })[0]!
    const [f7, cm7] = [over('F', 'dominant-seventh-arpeggio'), over('C', 'minor-seventh-arpeggio')]
    expect(notes(f7.tonic, f7.kind)).toEqual(notes(cm7.tonic, cm7.kind))
  })

  it('the major seventh of the dominant-seventh scale passes off the beat, chord tones fall on it', () => {
    const { notes } = fingered({
      material: { tonic: 'C', kind: 'bebop-dominant' },
      octaves: 1,
      course: 'up',
      hands: 'right',
    }).hands.right!
    const onTheBeat = notes.filter(({ step }) => step % 2 === 0).map(({ pitch }) => pitch.letter)
    expect(onTheBeat.join('')).toBe('CEGBC')
    expect(noteName(notes[6]!.pitch)).toBe('Bb')
    expect([noteName(notes[7]!.pitch), notes[7]!.step % 2]).toEqual(['B', 1])
  })
})
