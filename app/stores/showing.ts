import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import type { Naming } from '#core/pitch'

/** What score, stair and map show beside the notes; kept in this browser, since each pupil's eye wants another. */
export interface Shown {
  /** How notes are named under the staves. */
  names: Naming | 'none'
  letters: boolean
  crossings: boolean
  meetings: boolean
  grips: boolean
  /** Each grip as the cluster of keys that the hand lies on. */
  clusters: boolean
  map: boolean
  /** Which way the bellows go, over the score. */
  bellows: boolean
  /** Signs as a violinist's bow has them, where prints have them so. */
  bowSigns: boolean
  /** Chords by their names, where readers know them so; else by the signs of their rows. */
  chordNames: boolean
  /** What the key shares with its neighbours, under the title. */
  neighbours: boolean
  /** Prices of fingers in points, beside the words. */
  figures: boolean
  /** The instrument as one looks at it, not as the hands find it. */
  facing: boolean
  /** Whether single keys without Ctrl do something; they can be in the way of speech input. */
  singleKeys: boolean
}

const SHOWN: Shown = {
  names: 'none',
  letters: true,
  crossings: true,
  meetings: true,
  grips: true,
  clusters: false,
  map: true,
  bellows: true,
  bowSigns: false,
  chordNames: false,
  neighbours: true,
  figures: false,
  facing: false,
  singleKeys: true,
}

export const useShowing = defineStore('showing', () => {
  const shown = useLocalStorage<Shown>('tactum shown', SHOWN, { mergeDefaults: true })
  return { shown }
})
