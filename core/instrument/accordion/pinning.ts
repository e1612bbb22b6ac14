import { type AccordionRecipe, type ButtonPin, pinnedButton } from '../../buttons'
import type { Hand } from '../../study'
import { boardOf, buttonsFor, freeBassOf, trebleButtons, trebleOf } from '../../surface'
import type { AlsoPinned, Other } from '../family'
import type { SolvedAccordion } from './solve'
import { plainButton } from './describe'

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** Other ways of a hand; where they take another button, its pin goes with them, since fingers alone would not say it. */
export function othersOf({ hands, bass }: SolvedAccordion, hand: Hand): Other[] {
  if (hand === 'right' || !bass) {
    const own = hands[hand]?.buttons
    return (hands[hand]?.alternatives ?? []).map(({ fingers, buttons, ...other }) => {
      const button = buttons?.[other.departs]
      const pins = button && !same(button, own?.[other.departs]) ? [{ hand, index: other.departs, button }] : []
      return { ...other, marks: fingers.map(String), ...(pins.length > 0 ? { pins } : {}) }
    })
  }
  return (bass?.alternatives ?? []).map(({ fingers, buttons, ...other }) => {
    const button = plainButton(buttons[other.departs]!)
    const pins = same(button, plainButton(bass!.buttons[other.departs]!))
      ? []
      : [{ hand, index: other.departs, button }]
    return { ...other, marks: fingers.map(String), ...(pins.length > 0 ? { pins } : {}) }
  })
}

/** The buttons on which a note can be had, each as its pin; nothing where there is but one. */
export function buttonsAt(
  { accordion }: AccordionRecipe,
  { hands, bass }: SolvedAccordion,
  hand: Hand,
  index: number,
): AlsoPinned[] {
  const alsoPinned = (pin: ButtonPin, stands: boolean): AlsoPinned => ({ pin, message: pinnedButton(pin), stands })
  if (hand === 'left' && bass) {
    const note = bass.notes[index]!
    const now = plainButton(bass.buttons[index]!)
    const all = buttonsFor(boardOf(accordion), note.pitch, note.chord)
    return all.length < 2 ? [] : all.map((button) => alsoPinned({ hand, index, button }, same(button, now)))
  }
  const side = hand === 'left' ? freeBassOf(accordion.free) : trebleOf(accordion.treble)
  const own = hands[hand]
  const now = own?.buttons?.[index]
  if (side.plays === 'keys' || !now) return []
  const all = trebleButtons(side, own.midi[index]!)
  return all.length < 2
    ? []
    : all.map(({ row, place }) => alsoPinned({ hand, index, button: [row, place] }, row === now[0] && place === now[1]))
}
