import { type Family, KIND_IDS, type KindId, KINDS } from '#core/material'
import type { Code } from '#words'
import { t } from '~/composables/words'

/** Drawers of the cabinet of material, in a teacher's words. */
export const FAMILY_WORDS: Record<Exclude<Family, 'free'>, string> = {
  get scale() {
    return t('desk.families.scales')
  },
  get mode() {
    return t('desk.families.modes')
  },
  get 'other-scale'() {
    return t('desk.families.other-scales')
  },
  get position() {
    return t('desk.families.in-one-position')
  },
  get arpeggio() {
    return t('desk.families.arpeggios')
  },
  get seventh() {
    return t('desk.families.sevenths')
  },
  get 'double-notes'() {
    return t('desk.families.double-notes')
  },
  get chain() {
    return t('desk.families.chord-chains')
  },
  get cadence() {
    return t('desk.families.cadence')
  },
}

/** Kinds of a family, and what each is called within it. */
export const kindsIn = (family: Family): readonly KindId[] => KIND_IDS.filter((id) => KINDS[id].family === family)

/** What its family says already is left out: “thirds, major” among double notes, “diminished” among arpeggios. */
export const shortWords = (id: KindId): string => t(`in-drawer.${id}` as Code)
