import { wrap } from 'comlink'
import { getContext, start } from 'tone'
import type { SoundApi } from '~/workers/sound.worker'
import { makeInstrument } from './instrument'
import { type Listener, Player } from './player'
import type { Voice } from './voices'

/**
 * Sound: a realised study through Web Audio. The samples are worked out once, in a worker, from what ships with the
 * program; this folder is fetched when somebody first wants to hear something.
 */
export type { PlayRequest, Listener } from './player'

/** Opens the audio context (a key or a click must have asked for it) and builds the player of a voice. */
export async function makePlayer(voice: Voice, listener: Listener): Promise<Player> {
  await start()
  const worker = new Worker(new URL('../workers/sound.worker.ts', import.meta.url), { type: 'module', name: 'sound' })
  const samples = await wrap<SoundApi>(worker).samples(voice, getContext().sampleRate)
  worker.terminate()
  return new Player(makeInstrument(samples), listener)
}
export type { Player }
export { type Voice, voiceOf } from './voices'
