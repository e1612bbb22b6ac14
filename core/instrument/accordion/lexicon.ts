import {
  type AccordionPin,
  type AccordionRecipe,
  type ButtonPin,
  type Degree,
  isButtonPin,
  isRowPin,
  type LeftPart,
  MAX_BARS,
  MAX_BELLOWS_BEATS,
  REGISTERS,
} from '../../buttons'
import {
  BASS_ROWS,
  BASSES,
  type BassButton,
  BOARD_COLUMNS,
  FREE_LOWEST,
  FREE_NOTES,
  FREE_ROWS,
  FREE_SYSTEMS,
  TREBLES,
  trebleOf,
} from '../../surface'
import { pinPhrase, handsWritten } from '../keys/lexicon'
import type { Phrase, Meaning, Saying, Slots } from '../lexicon'

/** Words of the accordion name it, so that nobody has to say it twice. */
const set = (accordion: object, more: object = {}): Meaning => ({
  change: { instrument: 'accordion', ...more, accordion } as Meaning['change'],
})
const says = (phrases: readonly string[], accordion: object, more: object = {}): Saying => ({
  phrases,
  say: () => set(accordion, more),
})
const rule = (phrases: readonly string[], say: (slots: Slots) => Meaning | null): Saying => ({ phrases, say })

const trebleId = (id: string): Meaning | null =>
  (TREBLES as readonly string[]).includes(id) ? set({ treble: id }) : null

function buttonsCounted(numbers: readonly number[]): BassButton[] | null {
  const pairs = Array.from({ length: Math.floor(numbers.length / 2) }, (_, at) => numbers.slice(2 * at, 2 * at + 2))
  const buttons = pairs.map(([row, column]) => ({
    row: BASS_ROWS[row! - 1]!,
    column: column! - 1 + BOARD_COLUMNS.least,
  }))
  const known = buttons.every(({ row, column }) => row && column >= BOARD_COLUMNS.least && column <= BOARD_COLUMNS.most)
  return known && numbers.length % 2 === 0 ? buttons : null
}
const counted = ({ row, column }: BassButton): string =>
  `${BASS_ROWS.indexOf(row) + 1} ${column - BOARD_COLUMNS.least + 1}`

const INSTRUMENT: readonly Saying[] = [
  {
    phrases: ['accordion|akkordeon|acordeon|accordeon', 'piano accordion'],
    say: () => ({ change: { instrument: 'accordion' } as Meaning['change'] }),
  },
  rule(['<n> key|keys accordion', 'accordion of? <n> keys', '<n> keys'], ({ numbers: [n] }) => trebleId(`keys-${n}`)),
  ...(['c', 'b'] as const).flatMap((system) => [
    says([`${system} system`, `${system} griff`], { treble: `${system}-5` }),
    rule([`${system} system of|in|with? <n> rows`, `<n> rows? ${system} system`], ({ numbers: [n] }) =>
      trebleId(`${system}-${n}`),
    ),
  ]),
  says(['buttons', 'button accordion'], { treble: 'c-5' }),
  says(['ladies keys', 'narrow keys'], { keys: 'ladies' }),
  says(['full keys', 'keys of full width'], { keys: 'full' }),
  rule(['<n> bass|basses'], ({ numbers: [n] }) =>
    (BASSES as readonly number[]).includes(n!) ? set({ bass: n }) : null,
  ),
  rule(['board rows <n...>'], ({ numbers }) => {
    const rows = numbers.map((n) => BASS_ROWS[n - 1])
    return rows.includes(undefined) ? null : set({ rows })
  }),
  rule(['<n> column|columns below and <n> above'], ({ numbers: [below, above] }) =>
    below! <= -BOARD_COLUMNS.least && above! <= BOARD_COLUMNS.most
      ? set({ columns: { from: below === 0 ? 0 : -below!, to: above } })
      : null,
  ),
  // a row and a column each time, both counted from 1: rows from the bellows out, columns from the lowest there can be
  rule(['board without <n...>'], ({ numbers }) => {
    const missing = buttonsCounted(numbers)
    return missing && set({ missing })
  }),
  rule(['register|registers <n...>'], ({ numbers }) => {
    const registers = numbers.map(String)
    return registers.every((each) => (REGISTERS as readonly string[]).includes(each)) ? set({ registers }) : null
  }),
]

const part = (id: LeftPart, phrases: readonly string[], more: object = {}): Saying =>
  says(phrases, { left: { part: id } }, more)

const DEGREE_BY_NUMBER: Readonly<Record<number, Degree>> = { 1: 'I', 4: 'IV', 5: 'V7' }

function barsOf(numbers: readonly number[]): readonly Degree[] | null {
  const bars = numbers.map((n) => DEGREE_BY_NUMBER[n])
  return bars.length <= MAX_BARS && !bars.includes(undefined) ? (bars as Degree[]) : null
}

const inRange = (n: number, { least, most }: { least: number; most: number }): boolean => n >= least && n <= most
const FREE: readonly Saying[] = [
  says(['free|melody bass|basses', 'bass free', 'converter on'], { left: { board: 'free' } }),
  says(['standard|stradella bass|board', 'converter off'], { left: { board: 'standard' } }),
  // the converter is the instrument's; whether a study uses it is said by itself
  ...FREE_SYSTEMS.flatMap((system) => [
    says([`free bass ${system} system`], { left: { board: 'free' }, free: { system } }),
    says([`converter ${system} system`], { free: { system } }),
  ]),
  rule(['converter of <n> notes|note'], ({ numbers: [n] }) =>
    inRange(n!, FREE_NOTES) ? set({ free: { notes: n } }) : null,
  ),
  rule(['converter of|in <n> rows|row'], ({ numbers: [n] }) =>
    FREE_ROWS.some((rows) => rows === n) ? set({ free: { rows: n } }) : null,
  ),
  rule(['converter from key <n>'], ({ numbers: [n] }) =>
    inRange(n!, FREE_LOWEST) ? set({ free: { lowest: n } }) : null,
  ),
  says(['low notes by|at the? chin'], { free: { lows: 'chin' } }),
  says(['low notes by|at the? floor'], { free: { lows: 'floor' } }),
]

const LEFT: readonly Saying[] = [
  part('alternating', ['alternating|alternate bass|basses', 'over? alternating bass', 'oom pah']),
  part('waltz', ['waltz bass?', 'oom pah pah']),
  part('scale', ['the? scale on|in the? left', 'scale on the? bass', 'bass scale too']),
  part('scale', ['hands? together|tog|ht ,? with? bass scale', 'right|rh hand? over|with bass scale'], {
    hands: 'together',
  }),
  part('scale', ['left|lh hand? ,? bass scale'], { hands: 'left' }),
  {
    phrases: ['bass scale'],
    say: () => ({ ...set({ left: { part: 'scale' } }), usual: { hands: 'left' } }),
  },
  part('chords', ['bass chords', 'chords in the? left']),
  part('cadence', [
    'bass cadence',
    'bass primary chords',
    'primary chords on|in the? bass|left',
    'cadence on the? bass',
  ]),
  part('held-bass', ['root|bass held', 'over|under a? held bass', 'bajo sostenido|mantenido'], { hands: 'together' }),
  part('none', ['no bass', 'without bass|left']),
  says(['chords held', 'held chords'], { left: { held: true } }),
  says(['chords repeated', 'repeated chords'], { left: { held: false } }),
  says(['slow bass', 'bass every two|2 beats'], { left: { every: 2 } }),
  says(['bass every beat', 'bass on every beat'], { left: { every: 1 } }),
  says(['four and? three school?', '4 3 school'], { left: { school: 'four-three' } }),
  says(['three and? two school', '3 2 school'], { left: { school: 'three-two' } }),
  says(['tonic throughout', 'harmony tonic'], { left: { harmony: 'tonic' } }),
  says(['harmony by the? bar', 'harmony of the bar'], { left: { harmony: 'by-bar' } }),
  says(['harmony own', 'own harmony|chords'], { left: { harmony: 'own' } }),
  rule(['bars of? <n...>'], ({ numbers }) => {
    const bars = barsOf(numbers)
    return bars && set({ left: { bars } })
  }),
  rule(['harmony <n...>'], ({ numbers }) => {
    const bars = barsOf(numbers)
    return bars && set({ left: { harmony: 'own', bars } })
  }),
]

const BEATS_IN_BAR = 4
const every = (beats: number): Meaning | null =>
  beats >= 1 && beats <= MAX_BELLOWS_BEATS ? set({ bellows: { turn: 'beats', beats } }) : null

const BELLOWS: readonly Saying[] = [
  rule(['bellows turn|change? every <n> beat|beats'], ({ numbers: [n] }) => every(n!)),
  rule(['bellows turn|change? every <n> bar|bars'], ({ numbers: [n] }) => every(n! * BEATS_IN_BAR)),
  says(['bellows turn|change? by the? beats'], { bellows: { turn: 'beats' } }),
  rule(['ways of <n> beat|beats'], ({ numbers: [n] }) =>
    n! >= 1 && n! <= MAX_BELLOWS_BEATS ? set({ bellows: { beats: n } }) : null,
  ),
  says(['bellows turn|change? every bar'], { bellows: { turn: 'beats', beats: BEATS_IN_BAR } }),
  says(['bellows turn|change? at|on the? top', 'bellows turn|change? at the? turn'], { bellows: { turn: 'top' } }),
  says(['bellows turn|change? every|at|on|each the|every|each? octave|octaves'], { bellows: { turn: 'octave' } }),
  says(['bellows shake|shaking|shaken', 'shaken? bellows', 'with|in? a? bellow|bellows shake'], {
    bellows: { turn: 'shake' },
  }),
  says(['bellows turn|change? free|freely', 'free bellows'], { bellows: { turn: 'free' } }),
  says(['opening first', 'first opening', 'bellows open|opening first'], { bellows: { first: 'opening' } }),
  says(['closing first', 'first closing', 'bellows close|closing first'], { bellows: { first: 'closing' } }),
]

const SCHOOL: readonly Saying[] = [
  rule(['four fingers school?', 'without thumb'], () => ({
    change: { instrument: 'accordion', school: 'four-fingers' } as Meaning['change'],
  })),
  rule(['with thumb school?', 'thumb school'], () => ({
    change: { instrument: 'accordion', school: 'with-thumb' } as Meaning['change'],
  })),
]

const pinned = (pin: ButtonPin): Meaning => ({
  change: { instrument: 'accordion', pins: [pin] } as unknown as Meaning['change'],
})
const PINS: readonly Saying[] = [
  ...BASS_ROWS.flatMap((row) =>
    ([1, -1] as const).map((side) =>
      rule(
        [`pin left|lh hand? note <n> ${row} column ${side < 0 ? 'minus' : 'plus'} <n>`],
        ({ numbers: [note, column] }) =>
          note! >= 1 ? pinned({ hand: 'left', index: note! - 1, button: { row, column: side * column! } }) : null,
      ),
    ),
  ),
  ...(['right', 'left'] as const).flatMap((hand) =>
    ([1, -1] as const).map((side) =>
      rule(
        [`pin ${hand}|${hand[0]}h hand? note <n> row <n> halves ${side < 0 ? 'minus' : 'plus'} <n>`],
        ({ numbers: [note, row, halves] }) =>
          note! >= 1 ? pinned({ hand, index: note! - 1, button: [row!, (side * halves!) / 2] }) : null,
      ),
    ),
  ),
]

/** Keyboard, board, left hand, bellows, schools and pins of buttons; fingers are pinned in the words of the keys. */
export const ACCORDION_LEXICON: readonly Saying[] = [...INSTRUMENT, ...FREE, ...LEFT, ...BELLOWS, ...SCHOOL, ...PINS]

const PART: Readonly<Record<LeftPart, string>> = {
  none: 'no bass',
  alternating: 'alternating bass',
  'held-bass': 'over held bass',
  waltz: 'waltz bass',
  scale: 'scale on the bass',
  chords: 'bass chords',
  cadence: 'bass cadence',
}
const SCHOOLS: Readonly<Record<AccordionRecipe['school'], string>> = {
  conservatory: 'conservatory school',
  'black-key-pivot': 'black-key pivot',
  'one-fingering-for-all': 'one fingering for all',
  'black-groups': 'black groups',
  'free-and-smooth': 'free and smooth',
  'four-fingers': 'four fingers school',
  'with-thumb': 'with thumb school',
}
const FIRST_FINGER = { usual: 'first finger as usual', pattern: 'first finger pattern', two: 'first finger 2' } as const
const CHROMATIC = { 'one-three': 'chromatic 1-3', fours: 'chromatic in fours', fives: 'chromatic in fives' } as const
const NUMBER_OF = { I: 1, IV: 4, V7: 5 } as const

function trebleWritten({ accordion }: AccordionRecipe): string {
  const treble = trebleOf(accordion.treble)
  return treble.plays === 'keys' ? `${treble.keys} keys` : `${treble.system}-system of ${treble.rows} rows`
}

const HARMONY = { own: 'own harmony', 'by-bar': 'harmony by the bar', tonic: 'tonic throughout' } as const
const TURN = {
  octave: 'bellows turn at every octave',
  top: 'bellows turn at the top',
  beats: 'bellows turn by beats',
  shake: 'bellows shake',
  free: 'bellows free',
} as const

/** What is said of an accordion, field by field. */
export const ACCORDION_PHRASES: readonly Phrase<AccordionRecipe>[] = [
  { of: ({ accordion }) => accordion.treble, say: trebleWritten },
  {
    of: ({ accordion }) => accordion.keys,
    say: ({ accordion }) => (accordion.keys === 'ladies' ? 'ladies keys' : 'full keys'),
  },
  { of: ({ accordion }) => accordion.bass, say: ({ accordion }) => `${accordion.bass} bass` },
  {
    of: ({ accordion }) => accordion.rows,
    say: ({ accordion }) => `board rows ${accordion.rows.map((row) => BASS_ROWS.indexOf(row) + 1).join(' ')}`,
    follows: true,
  },
  {
    of: ({ accordion }) => accordion.columns,
    say: ({ accordion: { columns } }) => `${-columns.from} columns below and ${columns.to} above`,
    follows: true,
  },
  {
    of: ({ accordion }) => accordion.missing,
    say: ({ accordion: { missing } }) => `board without ${missing.map(counted).join(' ')}`,
  },
  { of: ({ accordion }) => accordion.registers, say: ({ accordion }) => `registers ${accordion.registers.join(' ')}` },
  { of: ({ school }) => school, say: ({ school }) => SCHOOLS[school], follows: true },
  { of: ({ firstFinger }) => firstFinger, say: ({ firstFinger }) => FIRST_FINGER[firstFinger] },
  { of: ({ chromatic }) => chromatic, say: ({ chromatic }) => CHROMATIC[chromatic] },
  { of: ({ handSize }) => handSize, say: ({ handSize }) => `${handSize} hands` },
  {
    of: ({ accordion }) => accordion.left.board,
    say: ({ accordion }) => (accordion.left.board === 'free' ? 'free bass' : 'standard bass'),
  },
  { of: ({ accordion }) => accordion.free.system, say: ({ accordion: { free } }) => `converter ${free.system} system` },
  { of: ({ accordion }) => accordion.free.rows, say: ({ accordion: { free } }) => `converter in ${free.rows} rows` },
  { of: ({ accordion }) => accordion.free.notes, say: ({ accordion: { free } }) => `converter of ${free.notes} notes` },
  {
    of: ({ accordion }) => accordion.free.lowest,
    say: ({ accordion: { free } }) => `converter from key ${free.lowest}`,
  },
  { of: ({ accordion }) => accordion.free.lows, say: ({ accordion: { free } }) => `low notes by the ${free.lows}` },
  { of: ({ accordion }) => accordion.left.part, say: ({ accordion }) => PART[accordion.left.part] },
  {
    of: ({ accordion }) => accordion.left.school,
    say: ({ accordion }) => (accordion.left.school === 'three-two' ? 'three and two school' : 'four and three school'),
  },
  {
    of: ({ accordion }) => accordion.left.every,
    say: ({ accordion }) => (accordion.left.every === 2 ? 'slow bass' : 'bass every beat'),
  },
  {
    of: ({ accordion }) => accordion.left.held,
    say: ({ accordion }) => (accordion.left.held ? 'chords held' : 'chords repeated'),
  },
  { of: ({ accordion: { left } }) => left.harmony, say: ({ accordion: { left } }) => HARMONY[left.harmony] },
  {
    of: ({ accordion: { left } }) => left.bars,
    say: ({ accordion: { left } }) => `bars ${left.bars.map((degree) => NUMBER_OF[degree]).join(' ')}`,
  },
  { of: ({ accordion: { bellows } }) => bellows.turn, say: ({ accordion: { bellows } }) => TURN[bellows.turn] },
  {
    of: ({ accordion: { bellows } }) => bellows.beats,
    say: ({ accordion: { bellows } }) => `ways of ${bellows.beats} beats`,
  },
  { of: ({ accordion }) => accordion.bellows.first, say: ({ accordion }) => `${accordion.bellows.first} first` },
]

const signed = (value: number): string => `${value < 0 ? 'minus' : 'plus'} ${Math.abs(value)}`

/** A pin as a line says it. */
export function accordionPinPhrase(pin: AccordionPin): string {
  if (!isButtonPin(pin)) return pinPhrase(pin)
  const at = `pin ${pin.hand} hand note ${pin.index + 1}`
  return isRowPin(pin)
    ? `${at} row ${pin.button[0]} halves ${signed(2 * pin.button[1])}`
    : `${at} ${pin.button.row} column ${signed(pin.button.column)}`
}

export const accordionWritten = (recipe: AccordionRecipe): string => `accordion, ${handsWritten(recipe)}`
