import { familyOf, type Recipe } from '#core/instrument'
import { printedName } from '#core/pitch'
import { type RealisedStudy, takesPins } from '#core/realise'
import type { MalletRecipe, StickPin } from '#core/sticking'
import { isDegreePin, isGripPin } from '#core/study'
import type { FamilyWords, ToldField } from '../view'
import { otherLead } from './besides'
import { sticksOf } from './study'

const STICKS: Record<string, string> = { R: 'right stick', L: 'left stick' }
const markWords = (mark: string): string => STICKS[mark] ?? `mallet ${mark}`

const field = (sort: string, words: (recipe: MalletRecipe) => string): ToldField => ({
  sort,
  words: (recipe) => words(recipe as MalletRecipe),
})

function pinWords(pin: StickPin, study: RealisedStudy | null): string {
  if (isDegreePin(pin)) return `${pin.stick} on every ${pin.degree}. degree`
  const at = isGripPin(pin) ? pin.from : pin.index
  const note = study?.plays === 'sticks' ? study.sticking.notes[at] : undefined
  const where = note ? printedName(note.pitch) : `note ${at + 1}`
  return isGripPin(pin) ? `sticks from ${where}` : `${pin.stick} on ${where}`
}

function special(study: RealisedStudy, index: number): string[] {
  const { doubles, inversions, rowMoves, roll } = sticksOf(study).sticking
  const row = rowMoves.find((each) => each.index === index)
  return [
    roll ? `rolled, ${roll.perNote[index]} strokes` : '',
    doubles.some((each) => each.index === index) ? 'second of a double' : '',
    inversions.some((each) => each.index === index && each.severity === 'hard') ? 'sticks cross' : '',
    row ? (row.to === 'accidentals' ? 'out to the accidentals' : 'back in to the naturals') : '',
  ].filter(Boolean)
}

/** What is said of sticks on bars. */
export const words: FamilyWords = {
  plays: 'sticks',
  shown: [
    ['crossings', 'ways, doubles and crossings'],
    ['grips', 'stays on the accidentals'],
    ['letters', 'letters of the reasons'],
    ['map', 'the bars'],
  ],
  called: () => 'sticks',
  short: () => '',
  markWords,
  stretchWords: { pin: 'Pin this stretch', free: 'Free this stretch' },
  hint: (study) => {
    const keys = takesPins(study, 'sticks') ? '; R and L pin it, 0 frees it' : ' to go from note to note'
    return `Click a stick, or tab to the score and use the arrow keys${keys}.`
  },
  noReasons: () => 'The sticks fall as they are asked.',
  noOthers: null,
  heard: (study) =>
    sticksOf(study).sticking.mallets
      ? []
      : [
          { value: 'both', words: 'both sticks' },
          { value: 'right', words: 'right stick sounds', note: 'the pupil plays the left' },
          { value: 'left', words: 'left stick sounds', note: 'the pupil plays the right' },
        ],
  special: (study, _, index) => special(study, index),
  besides: otherLead,
  caution: 'Keep wrists and shoulders loose. Bars are loud at close range: think of your ears in a small room.',
  paperCaution:
    'Mallet instruments are loud at close range: think of hearing protection in small rooms; keep wrists loose.',
  fields: {
    lead: field('lead', ({ lead }) => lead),
    tops: field('top', ({ tops }) => `struck ${tops}`),
    rudiment: field('rudiment', ({ rudiment }) => rudiment.replaceAll('-', ' ')),
    rudimentOn: field('rudiment', ({ rudimentOn }) => (rudimentOn === 'degree' ? 'on every degree' : 'over the notes')),
    roll: field('roll', ({ roll }) => (roll.manner === 'none' ? 'none' : `${roll.strokes} strokes to the beat`)),
    mallets: field('mallets', ({ mallets }) => (mallets.count === 2 ? 'two' : `four, ${mallets.figure}`)),
    strike: field('strike', ({ strike }) => strike.replaceAll('-', ' ')),
    bars: field('bars', ({ bars }) => `${bars.size} %`),
  },
  pinWords: (pin, study) => pinWords(pin as StickPin, study),
  programme: (recipe: Recipe) =>
    [recipe.instrument.split('-')[0], `${recipe.octaves} oct`, ...familyOf(recipe).playedWords(recipe)].join(' · '),
}
