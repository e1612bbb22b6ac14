import { strFromU8, unzipSync } from 'fflate'
import { getContext, ToneAudioBuffer } from 'tone'
import { heldOn, trimmed } from './recorded'

/** Recorded notes that are played up to a strength (0 to 1). */
interface Layer {
  readonly upTo: number
  readonly notes: Readonly<Record<number, ToneAudioBuffer>>
}

/** A make of instruments as it was recorded. */
export interface SampledVoice {
  /** Seconds in which a note that is let go dies. */
  readonly release: number
  /** What makes all makes about equally loud. */
  readonly decibels: number
  /** Softest first. */
  readonly layers: readonly Layer[]
}

/** What lies in the file of a make: `voice.json`, and the samples that it names. */
interface VoiceFile {
  readonly release: number
  readonly decibels: number
  /** Seconds of a sample that go on as long as a note is held. */
  readonly held?: readonly [number, number]
  readonly samples: readonly { readonly file: string; readonly midi: number; readonly strength: number }[]
}

const KEPT = 'tactum voices'
/** How long a held note can last, seconds. */
const LONGEST = 8

/** A file of the program, from what was kept of it where it was fetched before. */
async function fetched(url: string): Promise<Uint8Array> {
  // only pages that are served safely, or from this machine, may keep anything
  const kept = 'caches' in globalThis ? await caches.open(KEPT) : null
  const known = await kept?.match(url)
  const answer = known ?? (await fetch(url))
  if (!answer.ok) throw new Error(`${url}: ${answer.status}`)
  if (kept && !known) await kept.put(url, answer.clone())
  return new Uint8Array(await answer.arrayBuffer())
}

const powerOf = (samples: Float32Array, rate: number): number => {
  const first = samples.subarray(0, rate / 4)
  return Math.sqrt(first.reduce((sum, sample) => sum + sample * sample, 0) / first.length)
}

interface Decoded {
  readonly midi: number
  readonly strength: number
  readonly rate: number
  readonly samples: Float32Array<ArrayBuffer>
}

/** One sample: one channel, from its very beginning. */
async function decoded(bytes: Uint8Array, held: VoiceFile['held']): Promise<Pick<Decoded, 'rate' | 'samples'>> {
  const audio = await getContext().decodeAudioData(bytes.slice().buffer)
  const [left, right] = [audio.getChannelData(0), audio.getChannelData(audio.numberOfChannels - 1)]
  const own = trimmed(
    left.map((sample, at) => (sample + right[at]!) / 2),
    audio.sampleRate,
  )
  return { rate: audio.sampleRate, samples: held ? heldOn(own, audio.sampleRate, held, LONGEST) : own }
}

const bufferOf = ({ samples, rate }: Decoded, scale: number): ToneAudioBuffer => {
  const raw = getContext().createBuffer(1, samples.length, rate)
  raw.copyToChannel(
    samples.map((sample) => sample * scale),
    0,
  )
  return new ToneAudioBuffer(raw)
}

/** Lets the page do what waits: it may be playing already. */
const breath = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))

/** How much softer samples were recorded than the strongest: how loud a note is is the player's to say. */
const meanPower = (some: readonly Decoded[]): number =>
  some.reduce((sum, { samples, rate }) => sum + powerOf(samples, rate), 0) / some.length

/** Fetches and decodes the recorded notes of a make. @throws Error where they cannot be had or read */
export async function sampledVoice(url: string): Promise<SampledVoice> {
  const files = unzipSync(await fetched(url))
  const { release, decibels, held, samples } = JSON.parse(strFromU8(files['voice.json']!)) as VoiceFile
  const all: Decoded[] = []
  for (const { file, ...each } of samples) {
    all.push({ ...each, ...(await decoded(files[file]!, held)) })
    await breath()
  }
  const strengths = [...new Set(all.map(({ strength }) => strength))].sort((a, b) => a - b)
  const loudest = meanPower(all.filter(({ strength }) => strength === strengths.at(-1)))
  const layers = strengths.map((upTo): Layer => {
    const own = all.filter(({ strength }) => strength === upTo)
    const scale = loudest / meanPower(own)
    return { upTo, notes: Object.fromEntries(own.map((each) => [each.midi, bufferOf(each, scale)])) }
  })
  return { release, decibels, layers }
}
