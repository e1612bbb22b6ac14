import type { Pin } from '#core/fingering'
import { printedName } from '#core/pitch'
import { playersIn, type RealisedStudy, stretchesOf } from '#core/realise'
import { isDegreePin, isGripPin } from '#core/study'
import type { FamilyWords } from '../view'
import { fingersOf } from '#pictures'
import { t } from '~/composables/words'

function pinWords(pin: Pin, study: RealisedStudy | null): string {
  if (isDegreePin(pin))
    return t('keys.words.on-every-degree-hand', { finger: pin.finger, degree: pin.degree, hand: pin.hand })
  const at = isGripPin(pin) ? pin.from : pin.index
  const note = study?.plays === 'fingers' ? study.hands[pin.hand]?.notes[at] : undefined
  const where = t('keys.words.hand', {
    value: note ? printedName(note.pitch) : t('keys.words.note', { value: at + 1 }),
    hand: pin.hand,
  })
  return isGripPin(pin)
    ? t('keys.words.grip-from', { where })
    : t('keys.words.finger-on', { finger: pin.finger, where })
}

function noReasons(study: RealisedStudy): string {
  const moves = playersIn(study).some((each) => stretchesOf(study, each).length > 1)
  return t('keys.words.no-crossing', {
    is: moves ? t('keys.words.moves') : t('keys.words.stays'),
  })
}

/** What is said of fingers on keys. */
export const words: FamilyWords = {
  plays: 'fingers',
  shown: [
    ['crossings', 'keys.words.crossings'],
    ['meetings', 'keys.words.meetings'],
    ['grips', 'keys.words.grips'],
    ['clusters', 'keys.words.blocks'],
    ['letters', 'keys.words.letters'],
    ['map', 'keys.words.the-keyboard'],
  ],
  called: (player) => t('keys.words.hand-name', { player }),
  short: (player) => t('name.player.short', { player }),
  markWords: (mark) => t('keys.words.finger', { mark }),
  stretchWords: {
    pin: 'keys.words.pin-grip',
    free: 'keys.words.free-grip',
  },
  hint: () => t('keys.words.how-to-pin'),
  headings: { why: 'why.why-fingering', others: 'why.other-fingerings' },
  noReasons,
  noOthers: 'keys.words.no-alternative',
  difficultyOrder: 'keys.words.difficulty-order',
  heard: (study) =>
    playersIn(study).length < 2
      ? []
      : [
          { value: 'both', words: 'keys.words.both-hands' },
          { value: 'right', words: 'keys.words.hear-right', note: 'keys.words.hear-right-why' },
          { value: 'left', words: 'keys.words.hear-left', note: 'keys.words.hear-left-why' },
        ],
  special(study, player, index) {
    const hand = fingersOf(study).hands[player as 'right' | 'left']
    const crossing = hand?.crossings.find((each) => each.index === index)
    return crossing ? [crossing.kind === 'thumb-under' ? t('keys.words.thumb-under') : t('keys.words.finger-over')] : []
  },
  besides: () => [],
  caution: null,
  fields: {},
  pinWords: (pin, study) => pinWords(pin as Pin, study),
  madeAs: () => [],
  programme: ({ hands, motion, octaves, articulation, touch }) =>
    t('keys.words.oct', {
      hands: hands === 'together' && motion === 'contrary' ? motion : hands,
      octaves,
      touch: touch ? 'apart' : articulation,
    }),
}
