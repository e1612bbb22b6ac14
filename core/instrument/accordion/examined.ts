import type { AccordionRecipe } from '../../buttons'
import { listed } from '../../message'
import { NO_BOOKENDS } from '../../study'
import { boardSize, trebleOf } from '../../surface'
import type { PlayerRequirement, Miss, ShortField } from '../requirement'
import type { Examined } from '../family'
import { instrumentMessage } from '../messages'

/** What of the bellows, registers, rows and keyboard a study falls short of; of silence nothing. */
function madeShort({ accordion }: AccordionRecipe, required: PlayerRequirement, miss: Miss): void {
  const { bellows, registers, rows, treble } = accordion
  const beats = required.bellowsBeats ?? 0
  const { bellows: turn, treble: side } = required
  const turns = turn === bellows.turn && (bellows.turn !== 'beats' || beats === bellows.beats)
  if (turn && !turns) {
    const own = { own: bellows.turn, ownBeats: bellows.beats }
    miss('bellows', () => instrumentMessage('short.bellows', { asked: turn, beats, ...own }), 15)
  }
  if (required.registers.length > 0 && String([...required.registers].sort()) !== String([...registers].sort())) {
    const params = { asked: required.registers.join(' + '), own: registers.join(' + ') }
    miss('registers', () => instrumentMessage('short.registers', params), 10)
  }
  const lacking = required.bassRows.filter((row) => !rows.includes(row))
  if (lacking.length > 0) {
    const params = {
      rows: listed(lacking.map((row) => instrumentMessage('bass-row', { row }))),
      bass: boardSize(accordion),
    }
    miss('bassRows', () => instrumentMessage('short.rows', params), 60)
  }
  const { plays } = trebleOf(treble)
  if (side && side !== plays) {
    miss('treble', () => instrumentMessage('short.treble', { asked: side, own: plays }), 60)
  }
}

function shortOf(recipe: AccordionRecipe, required: PlayerRequirement, togetherForSeparate: boolean, miss: Miss): void {
  const { hands, accordion } = recipe
  const { bass } = required
  const stands = togetherForSeparate && hands === 'together'
  if (hands !== required.hands && !stands) {
    miss('hands', () => instrumentMessage('short.hands', { asked: required.hands, own: hands }), 50)
  }
  const { board } = required
  if (board && hands === required.hands && accordion.left.board !== board) {
    miss('board', () => instrumentMessage('short.board', { asked: board, own: accordion.left.board }), 55)
    return madeShort(recipe, required, miss)
  }
  // other hands have another bass: that is told once
  if (bass && hands === required.hands && accordion.left.part !== bass) {
    miss('bass', () => instrumentMessage('short.bass', { asked: bass, own: accordion.left.part }), 50)
  }
  madeShort(recipe, required, miss)
}

const bellowsOf = ({ bellows, bellowsBeats }: PlayerRequirement) =>
  bellows ? { turn: bellows, ...(bellowsBeats ? { beats: bellowsBeats } : {}) } : null

/** What a list sets in the instrument: only what it names. */
function madeBy(required: PlayerRequirement) {
  const { bass, board, registers, treble } = required
  const bellows = bellowsOf(required)
  const made = {
    left: bass || board ? { ...(bass ? { part: bass } : {}), ...(board ? { board } : {}) } : null,
    bellows,
    registers: registers.length > 0 ? registers : null,
    treble: treble === 'buttons' ? 'c-5' : null,
  }
  const params = Object.fromEntries(Object.entries(made).filter(([, value]) => value !== null))
  return Object.keys(params).length > 0 ? { accordion: params } : {}
}

export const ACCORDION_EXAMINED: Examined<AccordionRecipe> = {
  lists: ['accordion'],
  asked: ['touch', 'bass', 'bellows', 'bassRows', 'treble', 'board', 'registers'],
  saysHands: true,
  shortOf,
  setBy: ({ hands, resolution, ...required }) => ({
    hands,
    ...madeBy({ hands, resolution, ...required }),
    ...(resolution === 'none' ? {} : { bookends: { ...NO_BOOKENDS, after: resolution } }),
  }),
  alters: ['bellows', 'registers'] satisfies readonly ShortField[],
  altered: (field, { accordion }, required) =>
    field === 'bellows'
      ? { accordion: { ...accordion, bellows: { ...accordion.bellows, ...bellowsOf(required) } } }
      : { accordion: { ...accordion, registers: required.registers } },
  standsFor: ({ hands, accordion }) => {
    if (hands !== 'together') return [null]
    return accordion.left.part === 'held-bass' ? ['together', 'right'] : ['together', 'right', 'left']
  },
}
