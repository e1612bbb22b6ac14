import { type Family, KIND_IDS, kindInDrawer, type KindId, KINDS } from '#core/material'
import type { Code } from '#words'
import { formatMessage } from '~/composables/words'

/** Drawers of the cabinet of material, by what a teacher calls them. */
export const FAMILY_WORDS = {
  scale: 'desk.families.scales',
  mode: 'desk.families.modes',
  'other-scale': 'desk.families.other-scales',
  position: 'desk.families.one-position',
  arpeggio: 'desk.families.arpeggios',
  seventh: 'desk.families.sevenths',
  'double-notes': 'desk.families.double-notes',
  chain: 'desk.families.chord-chains',
  cadence: 'desk.families.cadence',
} as const satisfies Record<Exclude<Family, 'free'>, Code>

/** Kinds of a family, and what each is called within it. */
export const kindsIn = (family: Family): readonly KindId[] => KIND_IDS.filter((id) => KINDS[id].family === family)

/** What its family says already is left out: “thirds, major” among double notes, “diminished” among arpeggios. */
export const shortWords = (id: KindId): string => formatMessage(kindInDrawer({ id }))
