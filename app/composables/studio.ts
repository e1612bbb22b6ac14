import { readonly, shallowRef } from 'vue'
import { familyOf, type PlayerSettings, pupilPlayer, studioPlayer, type TaughtHere } from '#core/instrument'
import type { Pupil, Studio } from '#shared/api'
import { readIn } from './words'

const KEPT = 'tactum taught'
const studio = shallowRef<Studio | null>(null)
/** The studio that this page shows; null until it is known. */
export const currentStudio = readonly(studio)

export const showStudio = (found: Studio): void => {
  studio.value = found
  readIn(found.settings.region)
  globalThis.localStorage?.setItem(KEPT, JSON.stringify(taughtIn(found)))
}

let asked: Promise<void> = Promise.resolve()
/** Whether this browser knew before what is taught here. */
export const knewStudio = (): boolean => globalThis.localStorage?.getItem(KEPT) != null
/** That a question after the studio is on its way; it may come to nothing. */
export const studioAsked = (answer: Promise<Studio>): Promise<void> =>
  (asked = answer.then(showStudio, () => undefined))
/** Once what is taught here is known as well as it can be. */
export const studioKnown = (): Promise<void> => asked

const taughtIn = ({ settings: { instrument, make } }: Studio): TaughtHere => ({ instrument, make })
/** What is taught here and on which make: of the studio, or as this browser knew it last. */
export function taughtHere(): TaughtHere {
  if (studio.value) return taughtIn(studio.value)
  try {
    const kept = JSON.parse(globalThis.localStorage?.getItem(KEPT) ?? 'null') as Partial<TaughtHere> | null
    return { instrument: kept?.instrument ?? null, make: kept?.make ?? {} }
  } catch {
    return { instrument: null, make: {} }
  }
}

/** What studies here are for, where no pupil says. */
export const playerHere = (): PlayerSettings => studioPlayer(taughtHere())
/** The family of instruments that is taught here: what samples and empty places speak of. */
export const familyHere = (): string => familyOf(playerHere()).id
/** What a pupil plays, as the studio and the pupil's own settings say. */
export const playerOfPupil = ({ instrument, preferences }: Pick<Pupil, 'instrument' | 'preferences'>): PlayerSettings =>
  pupilPlayer(taughtHere(), { instrument, settings: preferences.settings })

/** Shows the studio that is open now: whatever a page holds of another is let go. */
export const reloadAll = (): void => globalThis.location.reload()
