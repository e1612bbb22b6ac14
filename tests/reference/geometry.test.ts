import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { layoutOf } from '#engraving'
import { accidentalsOf, barOf } from '#core/notation'
import { lineFor, playersIn, type RealisedStudy } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import { systemPicture } from '#paper'
import { type Box, boxesOf, type Kind, touch } from '../support/boxes'
import { faces as loaded } from '../support/faces'
import { NIGHT, someOf } from '../support/night'
import { realisedIfItCan } from '../support/realised'
import { anyRecipe, anyShaped } from '../support/recipes'

/**
 * What an engraver would send back: pairs of things that may not touch (common practice; docs/engraving.md lists them),
 * over studies of all families, on paper usual and large, on a desk and on a phone.
 */
const APART: readonly (readonly [Kind, readonly Kind[]])[] = [
  ['sign', ['sign', 'stem', 'head', 'ledger', 'bar', 'clef', 'finger', 'time', 'signature', 'beam']],
  ['finger', ['finger', 'stem', 'beam', 'head', 'ledger', 'clef', 'octave', 'flag', 'accent', 'bar', 'rest']],
  ['clef', ['clef', 'stem', 'head', 'ledger', 'bar', 'signature', 'time', 'rest']],
  ['bar', ['head', 'ledger', 'rest', 'bar', 'time', 'signature']],
  ['octave', ['head', 'stem', 'beam', 'ledger', 'clef']],
  ['head', ['time', 'signature', 'rest']],
  ['ledger', ['ledger', 'time', 'signature', 'stem']],
]
const faces = loaded()
/** Of long studies only the beginning is looked at by day. */
const MOST_SYSTEMS = NIGHT ? Infinity : 6
const fingers = { heads: [], wanted: () => true, nameOf: null, grips: false }

/** Things of one note may meet: a head and its own lines, the heads of one chord. */
const isSameNote = (one: Box, other: Box): boolean =>
  Math.abs((one.left + one.right) / 2 - (other.left + other.right) / 2) < 9

function touching(study: RealisedStudy, width: number, narrowest: number): string[] {
  return layoutOf(study, width, { narrowest })
    .slice(0, MOST_SYSTEMS)
    .flatMap((system, at) => {
      const { drawn } = systemPicture(study, system, faces, fingers)
      const boxes = boxesOf(drawn, system.columns[0]!)
      return APART.flatMap(([kind, others]) =>
        boxes
          .filter((box) => box.kind === kind)
          .flatMap((one) =>
            boxes
              .filter((other) => other !== one && others.includes(other.kind) && touch(one, other))
              .filter((other) => !(['ledger', 'head'].includes(kind) && isSameNote(one, other)))
              .map((other) => `system ${at + 1}: ${kind} and ${other.kind} at ${Math.round(one.left)}`),
          ),
      )
    })
}

const WIDTHS: readonly (readonly [string, number, number])[] = [
  ['paper', 900, 21],
  ['large paper', 640, 21],
  ['a desk', 940, 24.2],
  ['a phone', 340, 24.2],
]
const sampled = (recipes: fc.Arbitrary<RecipeInput>, count: number): RealisedStudy[] =>
  fc
    .sample(recipes, { numRuns: count, seed: 7 })
    .map(realisedIfItCan)
    .filter((study) => study !== null)

/** The same shapes for another instrument, as far as it takes them. */
const on = (instrument: string): fc.Arbitrary<RecipeInput> =>
  anyShaped.map(
    ({ pattern, ...recipe }) =>
      // what one hand holds is a pianist's
      ({ ...recipe, pattern: { ...pattern, accompaniment: 'none' }, instrument }) as RecipeInput,
  )

/** Every relay through the keys, flat ones and sharp: what changes its signs from bar to bar. */
const RELAYS = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B'].flatMap((tonic) =>
  (['relay-half-step', 'relay-fourth', 'one-fewer'] as const).flatMap((journey) =>
    [1, 2, 4].flatMap((notesPerBeat) => {
      const tempo = { notesPerBeat: notesPerBeat as 1 }
      const study = realisedIfItCan({ material: { tonic, kind: 'major' }, octaves: 1, pattern: { journey }, tempo })
      return study ? [study] : []
    }),
  ),
)
const STUDIES = [
  ...RELAYS,
  ...sampled(anyShaped, 320),
  ...sampled(anyRecipe as fc.Arbitrary<RecipeInput>, 560),
  ...sampled(on('marimba-4.3'), 120),
  ...sampled(on('accordion'), 120),
]
/** By day some of the studies at each width, others at each; at night all of them at all. */
const BY_DAY = 36
const looked = (width: number): readonly RealisedStudy[] =>
  someOf(
    STUDIES,
    BY_DAY,
    WIDTHS.findIndex(([, each]) => each === width),
  )

/**
 * What a bar takes at the least: fifteen pixels a note (or the sign and the lines beside it, and the chord), clef,
 * signature, time, and what stands at the end.
 */
function leastOf(study: RealisedStudy, bar: number): number {
  const { rhythm, keySignature } = study
  const barAt = (step: number): number => barOf(rhythm, rhythm.notes[step]!)
  const wide = new Set<number>()
  for (const player of playersIn(study)) {
    const { notes } = lineFor(study, player)
    accidentalsOf(notes, keySignature.fifths, barAt).forEach((sign, at) => sign !== null && wide.add(notes[at]!.step))
  }
  const steps = rhythm.notes.flatMap((_, step) => (barAt(step) === bar ? [step] : []))
  return 150 + 10.5 * Math.abs(keySignature.fifths) + steps.reduce((sum, step) => sum + (wide.has(step) ? 40 : 20), 0)
}

describe('engraving', () => {
  it('is looked at over many studies: by day over a hundred, at night over five hundred', () => {
    const all = new Set(WIDTHS.flatMap(([, width]) => looked(width)))
    expect(all.size).toBeGreaterThan(NIGHT ? 500 : 100)
    expect(new Set([...all].map(({ plays }) => plays)).size).toBe(3)
  })

  it.each(WIDTHS)('keeps apart what may not touch, on %s', (_, width, narrowest) => {
    const found = looked(width)
      .map((study) => ({ study, met: touching(study, width, narrowest) }))
      .filter(({ met }) => met.length > 0)
    const kinds = new Map<string, number>()
    for (const { met } of found)
      for (const each of met) {
        const pair = each.replace(/^system \d+: /, '').replace(/ at .*/, '')
        kinds.set(pair, (kinds.get(pair) ?? 0) + 1)
      }
    const first = found.slice(0, 3).map(({ study, met }) => `${JSON.stringify(study.recipe.material)} ${met[0]}`)
    expect([...kinds], first.join('\n')).toEqual([])
  })

  it.each(WIDTHS)('breaks at bar lines only where a bar fits at all, on %s', (_, width, narrowest) => {
    for (const study of looked(width)) {
      for (const { from } of layoutOf(study, width, { narrowest })) {
        if (from === 0) continue
        const bar = (at: number): number => barOf(study.rhythm, study.rhythm.notes[at]!)
        const inside = bar(from) === bar(from - 1)
        if (!inside) continue
        expect(leastOf(study, bar(from)), JSON.stringify(study.recipe)).toBeGreaterThan(width)
      }
    }
  })
})
