import { studyError } from '../study'
import type { Instrument } from './family'
import type { AnyFamily, Recipe } from './recipe'
import { FAMILIES } from './register'

// an entry knows its own recipes only; whoever finds it by a recipe's instrument hands it just those
const ALL = FAMILIES as unknown as readonly AnyFamily[]
type InstrumentId = Recipe['instrument']

/** The families in the order in which they are offered. */
export const families = (): readonly AnyFamily[] => ALL
/** Every instrument, family by family. */
export const INSTRUMENTS: readonly Instrument<InstrumentId>[] = ALL.flatMap(({ instruments }) => instruments)
export const INSTRUMENT_IDS: readonly InstrumentId[] = INSTRUMENTS.map(({ id }) => id)
/** What a recipe is for that names no instrument. */
export const DEFAULT_INSTRUMENT: InstrumentId = INSTRUMENT_IDS[0]!

const BY_INSTRUMENT = new Map<string, { family: AnyFamily; instrument: Instrument<InstrumentId> }>(
  ALL.flatMap((family) => family.instruments.map((instrument) => [instrument.id, { family, instrument }] as const)),
)

const entryOf = (id: string) => {
  const found = BY_INSTRUMENT.get(id)
  if (found) return found
  throw studyError(
    'field.unknown',
    { field: 'instrument', of: 'choice', among: INSTRUMENT_IDS.join(', ') },
    'instrument',
  )
}

/** The family that plays an instrument; of what names none, the usual one. @throws DomainError `field.unknown` */
export const familyOf = ({ instrument = DEFAULT_INSTRUMENT }: { readonly instrument?: string }): AnyFamily =>
  entryOf(instrument).family

/** @throws DomainError `field.unknown` */
export const instrumentOf = ({ instrument = DEFAULT_INSTRUMENT }: { readonly instrument?: string }) =>
  entryOf(instrument).instrument

/** Whether two recipes are for one family. */
export const sameFamily = (a: { readonly instrument?: string }, b: { readonly instrument?: string }): boolean =>
  familyOf(a) === familyOf(b)

/** What pupils are taught, and boards have lists for. */
export const TAUGHT = ALL.flatMap((family) => family.taught.map((each) => ({ ...each, family })))
/** Instruments that boards write lists for. */
export const LISTED: readonly string[] = [...new Set(TAUGHT.map(({ list }) => list))]

/** What a pupil of an instrument plays; of one that is not taught any more, the usual. */
export const taughtOf = (id: string) => TAUGHT.find((each) => each.id === id) ?? TAUGHT[0]!

/** What a list's studies are for, where no pupil says. */
export const instrumentForList = (list: string): InstrumentId =>
  (TAUGHT.find((each) => each.list === list)?.instrument as InstrumentId | undefined) ?? DEFAULT_INSTRUMENT

/** The family that a list is for. */
export const familyForList = (list: string): AnyFamily =>
  ALL.find(({ examined }) => examined.lists.includes(list)) ?? ALL[0]!
