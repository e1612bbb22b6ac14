import { familyOf, instrumentOf, type Recipe } from '#core/instrument'
import { printedName } from '#core/pitch'
import { type RealisedStudy, takesPins } from '#core/realise'
import { type MalletRecipe, type StickPin, stickingMessage } from '#core/sticking'
import { isDegreePin, isGripPin } from '#core/study'
import type { Code } from '#words'
import { t, formatMessage } from '~/composables/words'
import type { FamilyWords, NamedField } from '../view'
import { otherLead } from './besides'
import { sticksOf } from '#pictures'

const STICKS: Readonly<Record<string, Code>> = { R: 'mallets.words.right-stick', L: 'mallets.words.left-stick' }
const markWords = (mark: string): string => (STICKS[mark] ? t(STICKS[mark]) : t('mallets.words.mallet', { mark }))

const field = (sort: Code, words: (recipe: MalletRecipe) => string): NamedField => ({
  sort,
  words: (recipe) => words(recipe as MalletRecipe),
})

function pinWords(pin: StickPin, study: RealisedStudy | null): string {
  if (isDegreePin(pin)) return t('mallets.words.on-degree', { stick: pin.stick, degree: pin.degree })
  const at = isGripPin(pin) ? pin.from : pin.index
  const note = study?.plays === 'sticks' ? study.sticking.notes[at] : undefined
  const where = note ? printedName(note.pitch) : t('mallets.words.note', { value: at + 1 })
  return isGripPin(pin)
    ? t('mallets.words.sticks-from', { where })
    : t('mallets.words.stick-on', { stick: pin.stick, where })
}

function special(study: RealisedStudy, index: number): string[] {
  const { doubles, inversions, rowMoves, roll } = sticksOf(study).sticking
  const row = rowMoves.find((each) => each.index === index)
  return [
    roll ? t('mallets.words.rolled-strokes', { index: roll.perNote[index]! }) : '',
    doubles.some((each) => each.index === index) ? t('mallets.words.double') : '',
    inversions.some((each) => each.index === index && each.severity === 'hard') ? t('mallets.words.sticks-cross') : '',
    row ? (row.to === 'accidentals' ? t('mallets.words.out') : t('mallets.words.in')) : '',
  ].filter(Boolean)
}

/** What is said of sticks on bars. */
export const words: FamilyWords = {
  plays: 'sticks',
  shown: [
    ['crossings', 'mallets.words.picture'],
    ['grips', 'mallets.words.stays-out'],
    ['letters', 'mallets.words.letters'],
    ['map', 'mallets.words.the-bars'],
  ],
  called: () => t('mallets.words.sticks'),
  short: () => '',
  markWords,
  stretchWords: {
    pin: 'mallets.words.pin-stretch',
    free: 'mallets.words.free-stretch',
  },
  hint: (study) => t(takesPins(study, 'sticks') ? 'mallets.words.how-to-pin' : 'mallets.words.how-to-move'),
  headings: { why: 'why.why-sticking', others: 'why.other-stickings' },
  noReasons: () => t('mallets.words.no-alternative'),
  noOthers: null,
  difficultyOrder: 'mallets.difficulty-order',
  heard: (study) =>
    sticksOf(study).sticking.mallets
      ? []
      : [
          { value: 'both', words: 'mallets.words.both-sticks' },
          {
            value: 'right',
            words: 'mallets.words.hear-right',
            note: 'mallets.words.hear-right-why',
          },
          {
            value: 'left',
            words: 'mallets.words.hear-left',
            note: 'mallets.words.hear-left-why',
          },
        ],
  special: (study, _, index) => special(study, index),
  besides: otherLead,
  caution: 'mallets.words.care',
  fields: {
    lead: field('mallets.words.lead', ({ lead }) => t('name.hand', { hand: lead })),
    tops: field('mallets.words.tops', ({ tops }) => t('mallets.words.struck', { tops })),
    rudiment: field('mallets.words.rudiment', ({ rudiment }) =>
      rudiment === 'none' ? t('desk.change-words.none') : formatMessage(stickingMessage(`rudiment.${rudiment}`)),
    ),
    rudimentOn: field('mallets.words.rudiment', ({ rudimentOn }) =>
      rudimentOn === 'degree' ? t('mallets.words.every-degree') : t('mallets.words.over-notes'),
    ),
    roll: field('mallets.words.roll', ({ roll }) =>
      roll.manner === 'none'
        ? t('desk.change-words.none')
        : t('mallets.words.strokes-per-beat', { strokes: roll.strokes }),
    ),
    mallets: field('mallets.words.mallets', ({ mallets }) =>
      mallets.count === 2 ? t('mallets.words.two') : t('mallets.words.four', { figure: mallets.figure }),
    ),
    ring: field('mallets.words.ring', (recipe) => {
      const pedal = familyOf(recipe).pedalOf(recipe) ?? 'without'
      return t('mallets.ring.words', { ...recipe.ring, pedal })
    }),
    strike: field('mallets.words.strike', ({ strike }) => t('name.strike', { strike })),
    bars: field('mallets.words.bars', ({ bars }) => `${bars.size} %`),
  },
  pinWords: (pin, study) => pinWords(pin as StickPin, study),
  madeAs: () => [],
  programme: (recipe: Recipe) =>
    [
      t('name.make', { make: instrumentOf(recipe).make }),
      t('mallets.words.oct', { octaves: recipe.octaves }),
      ...familyOf(recipe).alsoMessage(recipe).map(formatMessage),
    ].join(' · '),
}
