import { wrap } from 'comlink'
import { getContext, start } from 'tone'
import type { SoundApi } from '~/workers/sound.worker'
import { type Instrument, makeInstrument } from './instrument'
import { type Listener, Player } from './player'
import { sampledVoice } from './sampled'
import type { Voice } from './voices'

/**
 * Sound: a realised study through Web Audio. The first samples are worked out in a worker; recorded ones, which ship with
 * the program, take their place when they are there. This folder is fetched when somebody first wants to hear something.
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

/**
 * Opens the audio context (a key or a click must have asked for it) and builds the player of a voice. It sounds at once,
 * as it is worked out; what was recorded follows as soon as it is there, and where it cannot be had nothing changes.
 */
export async function makePlayer(voice: Voice, listener: Listener): Promise<Made> {
  await start()
  const worker = new Worker(new URL('../workers/sound.worker.ts', import.meta.url), { type: 'module', name: 'sound' })
  const samples = await wrap<SoundApi>(worker).samples(voice, getContext().sampleRate)
  worker.terminate()
  const instrument = makeInstrument(samples)
  const file = fileOf(voice)
  if (file) void sampledVoice(file).then(instrument.dress, () => undefined)
  return { player: new Player(instrument, listener), instrument }
}
export type { Player }
export { outlets, outletOf, type Outlet, sendsNotes, sentTo } from './midiOut'
export { type Voice, voiceOf } from './voices'
