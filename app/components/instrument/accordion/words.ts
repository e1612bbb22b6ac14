import { type AccordionPin, type AccordionRecipe, isButtonPin, pinnedButton } from '#core/buttons'
import type { Recipe } from '#core/instrument'
import { printedName } from '#core/pitch'
import { playersIn, type RealisedStudy } from '#core/realise'
import { type Hand, isDegreePin, isGripPin } from '#core/study'
import type { FamilyWords } from '../view'
import { boardNamed, trebleWords } from './make'
import { accordionOf } from '#pictures'
import { t, formatMessage } from '~/composables/words'

function whereOf(hand: Hand, at: number, study: RealisedStudy | null): string {
  const own = study?.plays === 'accordion' ? study : null
  const note = own && (own.hands[hand] ?? own.bass)?.notes[at]
  return t('keys.words.hand', {
    value: note ? printedName(note.pitch) : t('keys.words.note', { value: at + 1 }),
    hand,
  })
}

function pinWords(pin: AccordionPin, study: RealisedStudy | null): string {
  if (isButtonPin(pin)) {
    return t('accordion.pin.button', {
      button: formatMessage(pinnedButton(pin)),
      where: whereOf(pin.hand, pin.index, study),
    })
  }
  if (isDegreePin(pin)) {
    return t('keys.words.on-every-degree-hand', { finger: pin.finger, degree: pin.degree, hand: pin.hand })
  }
  const where = whereOf(pin.hand, isGripPin(pin) ? pin.from : pin.index, study)
  return isGripPin(pin)
    ? t('keys.words.grip-from', { where })
    : t('keys.words.finger-on', { finger: pin.finger, where })
}

const own = (recipe: Recipe): AccordionRecipe => recipe as AccordionRecipe

/** What undo calls the change of a part of the instrument: every part that differs is named in one. */
function madeWords(recipe: Recipe): string {
  const { accordion } = own(recipe)
  const { treble, left, bellows } = accordion
  const { hands } = recipe
  return [
    trebleWords(treble),
    boardNamed(accordion),
    t('accordion.part', { hands, part: left.board === 'free' && hands !== 'right' ? 'free' : left.part }),
    t('accordion.bellows', { turn: bellows.turn, beats: bellows.beats, first: bellows.first }),
  ].join(', ')
}

/** What is said of an accordion's hands and bellows. */
export const words: FamilyWords = {
  plays: 'accordion',
  shown: [
    ['crossings', 'keys.words.crossings'],
    ['grips', 'keys.words.grips'],
    ['letters', 'keys.words.letters'],
    ['bellows', 'accordion.shown.bellows'],
    ['bowSigns', 'accordion.shown.bow-signs'],
    ['chordNames', 'accordion.shown.chord-names'],
    ['map', 'accordion.shown.map'],
    ['facing', 'accordion.shown.facing'],
  ],
  called: (player) => t('keys.words.hand-name', { player }),
  short: (player) => t('name.player.short', { player }),
  markWords: (mark) => t('keys.words.finger', { mark }),
  stretchWords: { pin: 'keys.words.pin-grip', free: 'keys.words.free-grip' },
  hint: () => t('accordion.hint'),
  headings: { why: 'why.why-fingering', others: 'why.other-fingerings' },
  noReasons: () => t('accordion.no-reasons'),
  noOthers: 'keys.words.no-alternative',
  difficultyOrder: 'accordion.difficulty-order',
  heard: (study) =>
    playersIn(study).length < 2
      ? []
      : [
          { value: 'both', words: 'keys.words.both-hands' },
          { value: 'right', words: 'keys.words.hear-right', note: 'keys.words.hear-right-why' },
          { value: 'left', words: 'keys.words.hear-left', note: 'keys.words.hear-left-why' },
        ],
  special(study, player, index) {
    const { hands, bass, bellows } = accordionOf(study)
    const turn = (step: number) =>
      bellows.flatMap((each) => (each.step === step ? [t('accordion.way', { direction: each.direction })] : []))
    if (player === 'left' && bass) {
      const button = bass.buttons[index]!
      const { row, column } = button
      const parts = formatMessage(pinnedButton({ hand: 'left', index, button: { row, column } }))
      return [parts, ...(hands.right ? [] : turn(bass.notes[index]!.step))]
    }
    const own = (player === 'left' ? hands.left : hands.right)!
    const crossing = own.crossings.find((each) => each.index === index)
    const pressed = own.buttons?.[index]
    return [
      ...(crossing
        ? [crossing.kind === 'thumb-under' ? t('keys.words.thumb-under') : t('keys.words.finger-over')]
        : []),
      ...(pressed ? [t('accordion.row-number', { row: pressed[0] })] : []),
      ...(player === 'right' || !hands.right ? turn(own.notes[index]!.step) : []),
    ]
  },
  besides: () => [],
  caution: 'accordion.caution',
  fields: { accordion: { sort: 'accordion.field', words: madeWords } },
  pinWords: (pin, study) => pinWords(pin as AccordionPin, study),
  madeAs: ({ accordion }) => [
    ...(accordion?.treble ? [trebleWords(accordion.treble)] : []),
    ...(accordion?.bass ? [boardNamed(accordion)] : []),
  ],
  programme: (recipe) => {
    const { hands, octaves, articulation, touch } = recipe
    const { left } = own(recipe).accordion
    const part = left.board === 'free' && hands !== 'right' ? 'free' : left.part
    return t('accordion.programme', { hands, part, octaves, touch: touch ? 'apart' : articulation })
  },
}
