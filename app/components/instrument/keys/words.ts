import type { Pin } from '#core/fingering'
import { printedName } from '#core/pitch'
import { playersIn, type RealisedStudy, stretchesOf } from '#core/realise'
import { isDegreePin, isGripPin } from '#core/study'
import type { FamilyWords } from '../view'
import { fingersOf } from './study'
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
  return isGripPin(pin) ? t('keys.words.grip-from', { where }) : `${pin.finger} on ${where}`
}

function noReasons(study: RealisedStudy): string {
  const moves = playersIn(study).some((each) => stretchesOf(study, each).length > 1)
  return t('keys.words.nothing-to-cross-the', {
    is: moves ? t('keys.words.goes-from-grip-to') : t('keys.words.stays-where-it-is'),
  })
}

/** What is said of fingers on keys. */
export const words: FamilyWords = {
  plays: 'fingers',
  get shown(): FamilyWords['shown'] {
    return [
      ['crossings', 'crossings'],
      ['meetings', t('keys.words.where-hands-meet')],
      ['grips', 'grips'],
      ['clusters', t('keys.words.grips-as-blocks')],
      ['letters', t('keys.words.letters-of-the-reasons')],
      ['map', t('keys.words.the-keyboard')],
    ]
  },
  called: (player) => t('keys.words.hand-2', { player }),
  short: (player) => t('name.player.short', { player }),
  markWords: (mark) => t('keys.words.finger', { mark }),
  stretchWords: {
    get pin() {
      return t('keys.words.pin-this-grip')
    },
    get free() {
      return t('keys.words.free-this-grip')
    },
  },
  hint: () => t('keys.words.click-a-finger-or'),
  noReasons,
  get noOthers() {
    return t('keys.words.nothing-else-serves-this')
  },
  heard: (study) =>
    playersIn(study).length < 2
      ? []
      : [
          { value: 'both', words: t('keys.words.both-hands') },
          { value: 'right', words: t('keys.words.right-hand-sounds'), note: t('keys.words.the-pupil-plays-the') },
          { value: 'left', words: t('keys.words.left-hand-sounds'), note: t('keys.words.the-pupil-plays-the-2') },
        ],
  special(study, player, index) {
    const hand = fingersOf(study).hands[player as 'right' | 'left']
    const crossing = hand?.crossings.find((each) => each.index === index)
    return crossing ? [crossing.kind === 'thumb-under' ? t('keys.words.thumb-under') : t('keys.words.finger-over')] : []
  },
  besides: () => [],
  caution: '',
  paperCaution: '',
  fields: {},
  pinWords: (pin, study) => pinWords(pin as Pin, study),
  programme: ({ hands, motion, octaves, articulation }) =>
    t('keys.words.oct', {
      hands: hands === 'together' && motion === 'contrary' ? motion : hands,
      octaves,
      touch: articulation,
    }),
}
