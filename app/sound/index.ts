import { type Remote, wrap } from 'comlink'
import { getContext, start } from 'tone'
import { playedNotes } from '#core/playback'
import type { RealisedStudy } from '#core/realise'
import type { Compass, Samples, SoundApi } from '~/workers/sound.worker'
import { type Instrument, makeInstrument } from './instrument'
import { type Listener, Player } from './player'
import { sampledVoice } from './sampled'
import { type Voice, voiceOf } from './voices'

/**
 * Sound: a realised study through Web Audio. The first samples are worked out in a worker; recorded ones, which ship with
 * the program, take their place when they are there. This folder is fetched once the page has nothing else to do.
 */
export type { PlayRequest, Listener } from './player'

/** Recorded notes, a file a make (docs/sound.md), fetched when a make is first heard. */
const FILES = import.meta.glob<string>('../assets/voices/*.zip', { query: '?url', import: 'default', eager: true })
const fileOf = ({ make }: Voice): string | undefined => FILES[`../assets/voices/${make}.zip`]

/** A player, and what it plays on where nothing is sent elsewhere. */
export interface Made {
  readonly player: Player
  readonly instrument: Instrument
}

/** By then the first note sounds. */
const FIRST_NOTE_MILLISECONDS = 400

/** Lowest and highest pitch that is heard of a study. */
function compassOf(study: RealisedStudy): Compass {
  const heard = playedNotes(study).map(({ midi }) => midi)
  return [Math.min(...heard), Math.max(...heard)]
}

/** A make whose first samples are being worked out in a thread of their own. */
interface Tuning {
  readonly compass: Compass
  readonly worker: Worker
  readonly sounds: Remote<SoundApi>
  readonly first: Promise<Samples>
}
const tunings = new Map<string, Tuning>()

/** Has the first samples of a study's make worked out, so that they are there when it is to be heard. */
export function tune(study: RealisedStudy): Tuning {
  const [voice, compass] = [voiceOf(study.recipe), compassOf(study)]
  const known = tunings.get(voice.make)
  if (known && known.compass[0] <= compass[0] && compass[1] <= known.compass[1]) return known
  known?.worker.terminate()
  const worker = new Worker(new URL('../workers/sound.worker.ts', import.meta.url), { type: 'module', name: 'sound' })
  const sounds = wrap<SoundApi>(worker)
  const tuning = { compass, worker, sounds, first: sounds.samples(voice, getContext().sampleRate, compass) }
  tunings.set(voice.make, tuning)
  // nobody waits for it yet: whoever does is told
  tuning.first.catch(() => tunings.get(voice.make) === tuning && tunings.delete(voice.make))
  return tuning
}

/**
 * Opens the audio context (a key or a click must have asked for it) and builds the player of a study's make. It sounds at
 * once, as it is worked out, the notes of the study alone; what was recorded follows as soon as it is there, or where it
 * cannot be had all other notes as they are worked out.
 */
export async function makePlayer(study: RealisedStudy, listener: Listener): Promise<Made> {
  const { worker, sounds, first } = tune(study)
  const [voice, { sampleRate }] = [voiceOf(study.recipe), getContext()]
  // from here on it is this player's
  tunings.delete(voice.make)
  const [samples] = await Promise.all([first, start()])
  const instrument = makeInstrument(samples)
  const whole = () =>
    sounds
      .all(voice, sampleRate)
      .then(instrument.add)
      .finally(() => worker.terminate())
  const file = fileOf(voice)
  // not before the first note is out: loading takes the page's time
  setTimeout(() => {
    if (!file) return void whole()
    void sampledVoice(file).then((voice) => (instrument.dress(voice), worker.terminate()), whole)
  }, FIRST_NOTE_MILLISECONDS)
  return { player: new Player(instrument, listener), instrument }
}
export type { Player }
export { outlets, outletOf, type Outlet, sendsNotes, sentTo } from './midiOut'
