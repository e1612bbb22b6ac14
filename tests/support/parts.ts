import { familyOf, type RecipeInput } from '#core/instrument'

/** Parts of an instrument that only some have, as sentences would name them. */
export const PARTS = {
  fingers: /\b(finger(s|ing)?|thumbs?|grips?)\b/i,
  keyboard: /\b(black|white) keys?\b/i,
  sticks: /\b(sticks?|sticking|mallets?|bars of|near row|far row)\b/i,
  bellows: /\b(bellows|registers?)\b/i,
  board: /\b(counterbass|columns?|board of|alternating bass)\b/i,
  buttons: /\b(buttons?|rows? [1-5])\b/i,
  pedal: /\bpedal\b/i,
} as const
export type Part = keyof typeof PARTS

/** What an instrument is made of, by how it is built. */
export function partsOf({ instrument, accordion }: Partial<RecipeInput>): readonly Part[] {
  if (instrument === 'accordion') {
    const treble: Part = accordion?.treble?.startsWith('keys') === false ? 'buttons' : 'keyboard'
    return ['fingers', 'bellows', 'board', 'buttons', treble]
  }
  if (familyOf({ instrument: instrument! }).id === 'mallets')
    return instrument!.startsWith('vibraphone') ? ['sticks', 'pedal'] : ['sticks']
  return ['fingers', 'keyboard', 'pedal']
}

/** Parts that an instrument has not. */
export const strangeParts = (make: Partial<RecipeInput>): Part[] =>
  (Object.keys(PARTS) as Part[]).filter((part) => !partsOf(make).includes(part))
