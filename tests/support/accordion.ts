import type { AccordionRecipe, AccordionSettings } from '#core/buttons'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import type { KindId } from '#core/material'
import { realise, type RealisedStudy } from '#core/realise'

export type AccordionStudy = Extract<RealisedStudy, { readonly plays: 'accordion' }>
type Settings = {
  readonly [field in keyof AccordionSettings]?: Partial<AccordionSettings[field]> | AccordionSettings[field]
}

/** A study for an accordion, realised. */
export const accordion = (
  tonic: string,
  kind: KindId,
  settings: Settings = {},
  some: Omit<RecipeInput, 'material' | 'accordion' | 'instrument'> = {},
): AccordionStudy =>
  realise({
    ...some,
    instrument: 'accordion',
    material: { tonic, kind },
    accordion: settings,
  } as RecipeInput) as AccordionStudy

export const accordionRecipe = (input: Omit<RecipeInput, 'instrument'>): AccordionRecipe =>
  completeRecipe({ ...input, instrument: 'accordion' } as RecipeInput) as AccordionRecipe

/** Buttons of the left hand as tables write them: `f0 c-1`, chords by their letter. */
const SHORT = { counterbass: 'c', fundamental: 'f', major: 'M', minor: 'm', seventh: '7', diminished: 'd' } as const
export const buttonsOf = ({ bass }: AccordionStudy): string =>
  bass!.buttons.map(({ row, column }) => `${SHORT[row]}${column}`).join(' ')
export const leftFingers = ({ bass }: AccordionStudy): string => bass!.fingers.join(' ')
export const rowsOf = ({ hands }: AccordionStudy): string => hands.right!.buttons!.map(([row]) => row).join(' ')
export const placesOf = ({ hands }: AccordionStudy): string => hands.right!.buttons!.map(([, place]) => place).join(' ')
export const rightFingers = ({ hands }: AccordionStudy): string => hands.right!.fingers.join(' ')

export const TWELVE = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F'] as const
