import { familyOf, type Recipe } from '#core/instrument'
import { realise, type RealisedStudy } from '#core/realise'
import type { Hand } from '#core/study'
import { type Made, makePlayer } from '~/sound'

/** What a line is heard with. */
export interface Wanted {
  readonly bpm: number
  readonly hands: 'both' | Hand
  readonly loop: 'once' | 'all' | 'crossings'
  readonly clicks: boolean
}

/** Beats a minute that are never passed. */
const MAX_BPM = 240
const studies = new Map<object, RealisedStudy>()
const players = new Map<string, Promise<Made>>()
let ended: () => void = () => undefined
const listener = { step: () => undefined, ended: () => ended() }

function studyOf(recipe: object): RealisedStudy {
  const known = studies.get(recipe) ?? realise(recipe as Recipe, {}, 0)
  studies.set(recipe, known)
  return known
}

/** Plays a line; what sounded before is cut off. Resolves when it has begun. @throws where there is no sound */
export async function play(recipe: object, { bpm, hands, loop, clicks }: Wanted, done: () => void): Promise<void> {
  const study = studyOf(recipe)
  const key = familyOf(study.recipe).id
  const made = players.get(key) ?? makePlayer(study, listener)
  players.set(key, made)
  const { player } = await made.catch((error: unknown) => {
    players.delete(key)
    throw error
  })
  ended = done
  const playing = familyOf(study.recipe).handsHeard(study)
  player.start(study, {
    practice: { loop, bpm, selection: null, rounds: 0, faster: 0, most: MAX_BPM },
    hands: playing.length > 1 && hands !== 'both' ? [hands] : playing,
    metronome: clicks ? 'beats' : 'off',
    silence: 'none',
    balance: { right: 1, left: 1 },
    dips: true,
    countIn: 1,
  })
}

export async function stop(): Promise<void> {
  for (const made of players.values()) (await made.catch(() => null))?.player.stop()
}
