import { getContext, Offline } from 'tone'
import type { Hand } from '#core/study'
import type { RecipeInput } from '#core/instrument'
import type { Metronome, Practice } from '#core/playback'
import { realise } from '#core/realise'
import { makeInstrument } from '../../app/sound/instrument'
import { Player } from '../../app/sound/player'
import { woodClick } from '../../app/sound/click'
import { makes as bars } from '../../app/components/instrument/mallets/voice'
import { makes as strings } from '../../app/components/instrument/keys/voice'
import { voiceOf } from '../../app/sound/voices'

/** What is to be rendered. */
export interface Wanted {
  readonly recipe: RecipeInput
  readonly practice: Practice
  readonly hands: readonly Hand[]
  readonly metronome: Metronome
  readonly countIn: 0 | 1 | 2
  readonly seconds: number
}

const LOWEST = 36
const EVERY = 4

/** Renders what the page would play, faster than it sounds, on an offline audio context; one channel at its sample rate. */
async function render({ recipe, practice, hands, metronome, countIn, seconds }: Wanted) {
  const study = realise(recipe)
  const buffer = await Offline(
    () => {
      const { sampleRate } = getContext()
      const { make } = voiceOf(study.recipe)
      const sound = (midi: number) => ({ ...strings, ...bars })[make]!(midi, sampleRate, 2)
      const notes = Array.from({ length: 15 }, (_, at) => LOWEST + EVERY * at).map((midi) => ({
        midi,
        samples: sound(midi) as Float32Array<ArrayBuffer>,
      }))
      const click = (hertz: number) => woodClick(hertz, sampleRate) as Float32Array<ArrayBuffer>
      const clicks = { bar: click(1900), beat: click(1250), between: click(820) }
      const player = new Player(makeInstrument({ notes, clicks }), { step: () => {}, ended: () => {} })
      player.start(study, { practice, hands, metronome, countIn }, 0)
    },
    seconds,
    1,
    22_050,
  )
  return { sampleRate: buffer.sampleRate, samples: [...buffer.toArray(0)] as unknown as number[] }
}

Object.assign(globalThis, { render })
