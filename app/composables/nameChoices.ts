import { NAMINGS, type Naming } from '#core/pitch'
import { t } from './words'

const names = (): Record<Naming, { words: string; note: string }> => ({
  letters: { words: t('hear.show-choice.letters'), note: 'C♯' },
  german: { words: t('hear.show-choice.german'), note: 'Cis, H' },
  'fixed-do': { words: t('hear.show-choice.fixed-do'), note: 'do♯' },
  'movable-do': { words: t('hear.show-choice.movable-do'), note: t('hear.show-choice.movable-tonic') },
  'movable-la': { words: t('hear.show-choice.movable-la'), note: '' },
  degrees: { words: t('hear.show-choice.degrees'), note: '♯7' },
  steps: { words: t('hear.show-choice.steps'), note: t('hear.show-choice.steps-example') },
})

/** How notes may be named, and not at all. */
export const nameChoices = () => [
  { value: 'none' as const, words: t('hear.show-choice.no-names'), note: '' },
  ...NAMINGS.map((value) => ({ value, ...names()[value] })),
]
