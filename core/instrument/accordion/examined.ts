import type { AccordionRecipe } from '../../buttons'
import { listed } from '../../message'
import { NO_BOOKENDS } from '../../study'
import { trebleOf } from '../../surface'
import type { AskedOfPlayer, Miss, ShortField } from '../asked'
import type { Examined } from '../family'
import { instrumentMessage } from '../messages'

/** What of the bellows, registers, rows and keyboard a study falls short of; of silence nothing. */
function madeShort({ accordion }: AccordionRecipe, asked: AskedOfPlayer, miss: Miss): void {
  const { bellows, registers, rows, treble } = accordion
  const beats = asked.bellowsBeats ?? 0
  const { bellows: turn, treble: side } = asked
  const turns = turn === bellows.turn && (bellows.turn !== 'beats' || beats === bellows.beats)
  if (turn && !turns) {
    const own = { own: bellows.turn, ownBeats: bellows.beats }
    miss('bellows', () => instrumentMessage('short.bellows', { asked: turn, beats, ...own }), 15)
  }
  if (asked.registers.length > 0 && String([...asked.registers].sort()) !== String([...registers].sort())) {
    const told = { asked: asked.registers.join(' + '), own: registers.join(' + ') }
    miss('registers', () => instrumentMessage('short.registers', told), 10)
  }
  const lacking = asked.bassRows.filter((row) => !rows.includes(row))
  if (lacking.length > 0) {
    const told = { rows: listed(lacking.map((row) => instrumentMessage('bass-row', { row }))), bass: accordion.bass }
    miss('bassRows', () => instrumentMessage('short.rows', told), 60)
  }
  const { plays } = trebleOf(treble)
  if (side && side !== plays) {
    miss('treble', () => instrumentMessage('short.treble', { asked: side, own: plays }), 60)
  }
}

function shortOf(recipe: AccordionRecipe, asked: AskedOfPlayer, togetherForSeparate: boolean, miss: Miss): void {
  const { hands, accordion } = recipe
  const { bass } = asked
  const stands = togetherForSeparate && hands === 'together'
  if (hands !== asked.hands && !stands) {
    miss('hands', () => instrumentMessage('short.hands', { asked: asked.hands, own: hands }), 50)
  }
  // other hands have another bass: that is told once
  if (bass && hands === asked.hands && accordion.left.part !== bass) {
    miss('bass', () => instrumentMessage('short.bass', { asked: bass, own: accordion.left.part }), 50)
  }
  madeShort(recipe, asked, miss)
}

const bellowsOf = ({ bellows, bellowsBeats }: AskedOfPlayer) =>
  bellows ? { turn: bellows, ...(bellowsBeats ? { beats: bellowsBeats } : {}) } : null

/** What a list sets in the instrument: only what it names. */
function madeBy(asked: AskedOfPlayer) {
  const { bass, registers, treble } = asked
  const bellows = bellowsOf(asked)
  const made = {
    left: bass ? { part: bass } : null,
    bellows,
    registers: registers.length > 0 ? registers : null,
    treble: treble === 'buttons' ? 'c-5' : null,
  }
  const told = Object.fromEntries(Object.entries(made).filter(([, value]) => value !== null))
  return Object.keys(told).length > 0 ? { accordion: told } : {}
}

export const ACCORDION_EXAMINED: Examined<AccordionRecipe> = {
  lists: ['accordion'],
  saysHands: true,
  shortOf,
  setBy: ({ hands, resolution, ...asked }) => ({
    hands,
    ...madeBy({ hands, resolution, ...asked }),
    ...(resolution === 'none' ? {} : { bookends: { ...NO_BOOKENDS, after: resolution } }),
  }),
  keeps: ({ instrument, school, handSize, accordion: { treble, keys, bass, rows, registers, left } }) => ({
    instrument,
    school,
    handSize,
    accordion: { treble, keys, bass, rows, registers, left: { school: left.school } },
  }),
  alters: ['bellows', 'registers'] satisfies readonly ShortField[],
  altered: (field, { accordion }, asked) =>
    field === 'bellows'
      ? { accordion: { ...accordion, bellows: { ...accordion.bellows, ...bellowsOf(asked) } } }
      : { accordion: { ...accordion, registers: asked.registers } },
  standsFor: ({ hands }) => (hands === 'together' ? ['together', 'right', 'left'] : [null]),
}
