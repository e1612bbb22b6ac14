import type { Pin } from '#core/fingering'
import { handWords, type Player } from '#core/instrument'
import { printedName } from '#core/pitch'
import { playersIn, type RealisedStudy, stretchesOf } from '#core/realise'
import { isDegreePin, isGripPin } from '#core/study'
import type { FamilyWords } from '../view'
import { fingersOf } from './study'

const SHORT: Partial<Record<Player, string>> = { right: 'RH', left: 'LH' }

function pinWords(pin: Pin, study: RealisedStudy | null): string {
  if (isDegreePin(pin)) return `${pin.finger} on every ${pin.degree}. degree, ${pin.hand} hand`
  const at = isGripPin(pin) ? pin.from : pin.index
  const note = study?.plays === 'fingers' ? study.hands[pin.hand]?.notes[at] : undefined
  const where = `${note ? printedName(note.pitch) : `note ${at + 1}`} ${pin.hand} hand`
  return isGripPin(pin) ? `grip from ${where}` : `${pin.finger} on ${where}`
}

function noReasons(study: RealisedStudy): string {
  const moves = playersIn(study).some((each) => stretchesOf(study, each).length > 1)
  return `Nothing to cross: the hand ${moves ? 'goes from grip to grip' : 'stays where it is'}.`
}

/** What is said of fingers on keys. */
export const words: FamilyWords = {
  plays: 'fingers',
  shown: [
    ['crossings', 'crossings'],
    ['meetings', 'where hands meet'],
    ['grips', 'grips'],
    ['clusters', 'grips as blocks'],
    ['letters', 'letters of the reasons'],
    ['map', 'the keyboard'],
  ],
  called: (player) => `${player} hand`,
  short: (player) => SHORT[player] ?? '',
  markWords: (mark) => `finger ${mark}`,
  stretchWords: { pin: 'Pin this grip', free: 'Free this grip' },
  hint: () => 'Click a finger, or tab to the score and use the arrow keys; 1 to 5 pins it, 0 frees it.',
  noReasons,
  noOthers: 'Nothing else serves this hand.',
  heard: (study) =>
    playersIn(study).length < 2
      ? []
      : [
          { value: 'both', words: 'both hands' },
          { value: 'right', words: 'right hand sounds', note: 'the pupil plays the left' },
          { value: 'left', words: 'left hand sounds', note: 'the pupil plays the right' },
        ],
  special(study, player, index) {
    const hand = fingersOf(study).hands[player as 'right' | 'left']
    const crossing = hand?.crossings.find((each) => each.index === index)
    return crossing ? [crossing.kind === 'thumb-under' ? 'thumb under' : 'finger over'] : []
  },
  besides: () => [],
  caution: '',
  paperCaution: '',
  fields: {},
  pinWords: (pin, study) => pinWords(pin as Pin, study),
  programme: (recipe) => {
    const touch = recipe.articulation === 'legato' ? '' : ` · ${recipe.articulation}`
    return `${handWords(recipe).replace('hands ', '').replace(' motion', '')} · ${recipe.octaves} oct${touch}`
  },
}
