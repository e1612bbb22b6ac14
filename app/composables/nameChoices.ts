import { NAME_SYSTEMS, type NameSystem } from '#core/pitch'
import { t } from './words'

const names = (): Record<NameSystem, { words: string; note: string }> => ({
  letters: { words: t('hear.show-choice.letters'), note: 'C♯' },
  german: { words: t('hear.show-choice.german'), note: 'Cis, H' },
  'fixed-do': { words: t('hear.show-choice.fixed-do'), note: 'do♯' },
  'movable-do': { words: t('hear.show-choice.movable-do'), note: t('hear.show-choice.movable-tonic') },
  'movable-la': { words: t('hear.show-choice.movable-la'), note: '' },
  degrees: { words: t('hear.show-choice.degrees'), note: '♯7' },
})

/** How notes may be named, and not at all. */
export const nameChoices = () => [
  { value: 'none' as const, words: t('hear.show-choice.no-names'), note: '' },
  ...NAME_SYSTEMS.map((value) => ({ value, ...names()[value] })),
]
