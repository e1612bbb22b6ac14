import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { KINDS, usualTonics } from '#core/material'
import { noteName } from '#core/pitch'
import type { Figure, Hand } from '#core/study'
import { fingered } from '../support/played'

/** Fingerings of figures, double notes, chords and chromatic runs: common practice, no source, unless one is named. */
const MAJORS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const MINORS = ['A', 'E', 'B', 'F#', 'C#', 'G#', 'D#', 'Bb', 'F', 'C', 'G', 'D']
const HANDS = ['right', 'left'] as const
const tonicsOf = (kind: string) => (kind.includes('minor') && !kind.includes('chromatic') ? MINORS : MAJORS)
const isBlack = (midi: number) => [1, 3, 6, 8, 10].includes(midi % 12)

const part = (tonic: string, kind: string, hand: Hand, more: object = {}) =>
  fingered({ material: { tonic, kind }, hands: hand, ...more } as RecipeInput, {}, 0).hands[hand]!
const figure = (tonic: string, name: Figure, hand: Hand, more: object = {}) =>
  part(tonic, 'major', hand, { pattern: { figure: name }, octaves: 1, ...more })
/** Fingers of each step, lowest key first, and the keys. */
function steps(line: ReturnType<typeof part>) {
  const found: { fingers: string; keys: number[] }[] = []
  line.notes.forEach(({ step, midi }, at) => {
    const here = (found[step] ??= { fingers: '', keys: [] })
    found[step] = { fingers: here.fingers + line.fingers[at], keys: [...here.keys, midi] }
  })
  return found
}

describe('the sequence principle', () => {
  it.each([
    ['groups-of-three', '123 123', '321 321', '321 321', '123 123'],
    ['groups-of-four', '1234 1234', '4321 4321', '4321 4321', '1234 1234'],
    ['broken-thirds', '1324 1324', '4231 4231', '4231 4231', '1324 1324'],
    ['broken-triads', '3135 3135', '3531 3531', '3531 3531', '3135 3135'],
    ['broken-seventh-chords', '1235 5321', '5321 1235', '5321 1235', '1235 5321'],
  ] as const)('%s in C: right hand up %s and down %s, left hand %s and %s', (name, up, down, leftUp, leftDown) => {
    const begins = (hand: Hand, course: string) =>
      figure('C', name, hand, { course })
        .fingers.join('')
        .startsWith.bind(figure('C', name, hand, { course }).fingers.join(''))
    const flat = (text: string) => text.replace(' ', '')
    expect(begins('right', 'up')(flat(up))).toBe(true)
    expect(begins('right', 'down')(flat(down))).toBe(true)
    expect(begins('left', 'up')(flat(leftUp))).toBe(true)
    expect(begins('left', 'down')(flat(leftDown))).toBe(true)
  })

  it('takes 2 3 4, or 2 4 3 5, where the thumb would fall on a black key, and nowhere else', () => {
    for (const tonic of MAJORS) {
      for (const hand of HANDS) {
        for (const name of ['groups-of-three', 'broken-thirds'] as const) {
          const { fingers, midi, grips } = figure(tonic, name, hand)
          grips.forEach((from, at) => {
            const keys = midi.slice(from, grips[at + 1] ?? midi.length)
            const span = Math.max(...keys) - Math.min(...keys)
            // the last repeat may have fewer keys, or more
            if (new Set(keys).size < 3 || span > 2 * (new Set(keys).size - 1)) return
            const inner = hand === 'right' ? Math.min(...keys) : Math.max(...keys)
            const own = fingers.slice(from, from + keys.length)
            expect(own.includes(1), `${tonic} ${hand} ${name} ${own.join('')}`).toBe(!isBlack(inner))
          })
        }
      }
    }
  })

  it.each(['major', 'natural-minor', 'harmonic-minor', 'melodic-minor-jazz'])(
    'crosses within no chord of the key, %s',
    (form) => {
      for (const chain of ['triads', 'sevenths']) {
        for (const tonic of tonicsOf(form)) {
          for (const hand of HANDS) {
            const line = part(tonic, `diatonic-${chain}-${form}`, hand)
            expect(line.crossings).toEqual([])
            expect(line.lifts).toEqual([])
            const size = chain === 'triads' ? 3 : 4
            if (form === 'major') {
              const usual = { triads: '135', sevenths: '1235' }[chain]!
              const first = line.fingers.slice(0, size).sort().join('')
              expect(first, `${tonic} ${hand}`).toBe(usual)
            }
          }
        }
      }
    },
  )

  it('keeps the shape to the last repeat of a group', () => {
    for (const tonic of MAJORS) {
      for (const hand of HANDS) {
        const { fingers, grips } = figure(tonic, 'groups-of-three', hand)
        expect([...new Set(grips.slice(1).map((from, at) => from - grips[at]!))], `${tonic} ${hand}`).toEqual([3])
        expect(fingers.length - grips.at(-1)!).toBe(3)
      }
    }
  })

  it('is a setting: as the line lies, a figure may change its fingers from repeat to repeat', () => {
    const alike = figure('C', 'groups-of-three', 'right').fingers.join('')
    const lies = figure('C', 'groups-of-three', 'right', { repeats: 'as-it-lies' }).fingers.join('')
    expect(alike).not.toBe(lies)
  })
})

describe('double thirds', () => {
  const forms = ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor']
  const outerOf = (hand: Hand, pair: string) => (hand === 'right' ? pair[1] : pair[0])
  const outerKey = (hand: Hand, keys: number[]) => (hand === 'right' ? keys[1]! : keys[0]!)

  it.each([...forms.flatMap((form) => [`thirds-${form}`, `sixths-${form}`]), 'thirds-chromatic-minor'])(
    '%s: no outer finger on two keys running, but for a slide from black to its white neighbour',
    (kind) => {
      for (const tonic of tonicsOf(kind)) {
        for (const hand of HANDS) {
          const line = steps(part(tonic, `double-${kind}`, hand))
          line.slice(1).forEach(({ fingers, keys }, at) => {
            const before = line[at]!
            if (outerOf(hand, fingers) !== outerOf(hand, before.fingers)) return
            const [from, to] = [outerKey(hand, before.keys), outerKey(hand, keys)]
            expect(isBlack(from) && !isBlack(to) && Math.abs(from - to) === 1, `${tonic} ${hand} step ${at}`).toBe(true)
          })
        }
      }
    },
  )

  it('go in twos and one three to the octave, and turn and end with the thumb free', () => {
    for (const form of forms) {
      for (const tonic of tonicsOf(form)) {
        for (const hand of HANDS) {
          const line = steps(part(tonic, `double-thirds-${form}`, hand, { octaves: 2 }))
          const outermost = line.reduce((most, each) =>
            (each.keys[0]! - most.keys[0]!) * (hand === 'right' ? 1 : -1) > 0 ? each : most,
          )
          expect(outermost.fingers, `${tonic} ${form} ${hand}`).toMatch(/^(24|35|42|53)$/)
          const inside = line.slice(7, 14).map(({ fingers }) => fingers)
          expect(inside.filter((pair) => pair.includes('1')).length, `${tonic} ${form} ${hand}`).toBeLessThanOrEqual(4)
        }
      }
    }
    const begins = (tonic: string) => steps(part(tonic, 'double-thirds-major', 'right'))[0]!.fingers
    for (const tonic of MAJORS) expect(begins(tonic), tonic).toBe(/[#b]/.test(tonic) ? '24' : '13')
  })

  it('chromatic minor thirds give every key of the outer voice its finger, inside a run', () => {
    for (const tonic of MAJORS) {
      for (const hand of HANDS) {
        const line = steps(part(tonic, 'double-thirds-chromatic-minor', hand, { octaves: 2 })).slice(2, 22)
        const own = new Map<number, string>()
        for (const { fingers, keys } of line) {
          const key = outerKey(hand, keys) % 12
          expect(own.get(key) ?? fingers, `${tonic} ${hand} ${key}`).toBe(fingers)
          own.set(key, fingers)
        }
      }
    }
  })

  it('sixths go by turns with 1 4 and 2 5, 1 3 where it helps; a small hand takes 1 5 throughout', () => {
    for (const tonic of MAJORS) {
      for (const hand of HANDS) {
        const pairs = (handSize: string) =>
          steps(part(tonic, 'double-sixths-major', hand, { handSize, octaves: 2, course: 'up' })).map(({ fingers }) =>
            [...fingers].sort().join(''),
          )
        const average = pairs('average')
        expect(new Set(average.filter((pair) => !['13', '14', '25'].includes(pair))).size, `${tonic} ${hand}`).toBe(0)
        expect(new Set(pairs('small')), `${tonic} ${hand}`).toEqual(new Set(['15']))
      }
    }
  })

  it('octaves take 1 with 5 on white keys and 4 on black ones; a small hand 5 throughout', () => {
    for (const form of [...forms, 'chromatic']) {
      for (const tonic of tonicsOf(form)) {
        for (const hand of HANDS) {
          for (const handSize of ['small', 'average', 'large']) {
            const line = steps(part(tonic, `double-octaves-${form}`, hand, { handSize }))
            for (const { fingers, keys } of line) {
              const outer = handSize !== 'small' && isBlack(keys[0]!) ? '4' : '5'
              expect(fingers).toBe(hand === 'right' ? `1${outer}` : `${outer}1`)
            }
          }
        }
      }
    }
  })
})

describe('chords and chromatic runs', () => {
  it.each(['major', 'minor'])('a cadence has one fingering for each chord, in every key: %s', (mode) => {
    for (const tonic of tonicsOf(mode)) {
      const chords = (hand: Hand) => steps(part(tonic, `cadence-${mode}`, hand)).map(({ fingers }) => fingers)
      expect(chords('right'), tonic).toEqual(['135', '135', '135', '145', '135'])
      expect(chords('left'), tonic).toEqual(['531', '521', '531', '521', '531'])
    }
  })

  it('a chromatic scale begins on 1 wherever its first key is white, but where two thumbs would meet', () => {
    for (const tonic of usualTonics(KINDS.chromatic)) {
      const { fingers, midi } = part(noteName(tonic), 'chromatic', 'right')
      expect(fingers[0]).toBe(isBlack(midi[0]!) ? 3 : 1)
      expect(fingers.at(-1)).toBe(fingers[0])
      const left = part(noteName(tonic), 'chromatic', 'left')
      // E and B lie beside the thumb of F and C
      const beside = [4, 11].includes(midi[0]! % 12)
      expect(left.fingers[0]).toBe(isBlack(midi[0]!) ? 3 : beside ? 2 : 1)
    }
  })

  it('a small hand never crosses more often than an average one, nor begins with the thumb on its outer note', () => {
    for (const quality of ['dominant', 'diminished', 'major', 'minor', 'half-diminished']) {
      for (const tonic of MAJORS) {
        for (const hand of HANDS) {
          const line = (handSize: string) =>
            part(tonic, `${quality}-seventh-arpeggio`, hand, { handSize, course: hand === 'right' ? 'down' : 'up' })
          expect(line('small').crossings.length).toBeLessThanOrEqual(line('average').crossings.length)
          expect(line('small').fingers[0], `${tonic} ${quality} ${hand}`).not.toBe(1)
        }
      }
    }
  })
})
