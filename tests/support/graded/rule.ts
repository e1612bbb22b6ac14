import type { RecipeInput } from '#core/instrument'

/** One thing that is easier than another, for whatever keys it is said. */
export interface Rule {
  readonly says: string
  readonly pairs: readonly (readonly [RecipeInput, RecipeInput])[]
}

/** A pair, the rule that it comes from, and whether a fit may see it. */
export interface Pair {
  readonly says: string
  readonly easier: RecipeInput
  readonly harder: RecipeInput
  readonly fitted: boolean
  /** Kept out with its whole rule. */
  readonly unseen: boolean
}

export type More = Partial<Record<string, unknown>>
export const TEMPO = { bpm: 60, notesPerBeat: 2 }
/** A study at 120 notes a minute, one octave unless said. */
export const study = (tonic: string, kind: string, more: More = {}): RecipeInput =>
  ({ material: { tonic, kind }, octaves: 1, tempo: TEMPO, ...more }) as RecipeInput

/** A study by the right hand unless said. */
export const fingered = (tonic: string, kind: string, more: More = {}): RecipeInput =>
  study(tonic, kind, { hands: 'right', ...more })
export const inverted = (tonic: string, kind: string, inversion: number, more: More = {}): RecipeInput =>
  fingered(tonic, kind, { ...more, material: { tonic, kind, inversion } })

export const both = { hands: 'together' }
export const two = { octaves: 2 }
export const twoBoth = { ...both, ...two }

export const HANDS = ['right', 'left'] as const
/** One hand by turns, so that each key is asked of one and each rule of both. */
export const hand = (at: number): More => ({ hands: HANDS[at % 2] })

export const MAJORS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
export const MINORS = ['A', 'E', 'B', 'F#', 'C#', 'G#', 'D#', 'Bb', 'F', 'C', 'G', 'D']

type Make = (tonic: string, at: number) => readonly [RecipeInput, RecipeInput]
export const overKeys = (says: string, tonics: readonly string[], make: Make): Rule => ({
  says,
  pairs: tonics.map(make),
})
/** Each of some against each of others. */
export const across = (easier: readonly RecipeInput[], harder: readonly RecipeInput[]): Rule['pairs'] =>
  easier.flatMap((one) => harder.map((other) => [one, other] as const))

/** One rule in six, and of the others as many pairs that a third is kept out in all. */
const [UNSEEN_RULE, KEPT_OUT] = [6, 5]

/** Every pair of some rules, and which of them a fit may see. */
export function pairsOf(rules: readonly Rule[]): Pair[] {
  let count = 0
  return rules.flatMap(({ says, pairs }, rule) => {
    const unseen = rule % UNSEEN_RULE === UNSEEN_RULE - 2
    return pairs.map(([easier, harder]): Pair => ({
      ...{ says, easier, harder, unseen },
      fitted: !unseen && count++ % KEPT_OUT !== 0,
    }))
  })
}
