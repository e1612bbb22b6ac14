import { readFileSync, statSync } from 'node:fs'
import { build } from 'esbuild'
import { beforeAll, describe, expect, it } from 'vitest'
import { playedNotes } from '#core/playback'
import { realise } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import { useBrowser } from '../support/browser'
import { integrated } from '../support/loudness'
import type { Wanted } from '../support/soundPage'

/**
 * Recorded voices, as they are shipped, rendered on an offline audio context in the real browser. What the page would
 * play: one octave of C major in quarters at 60, each note half its length.
 */
const { open } = useBrowser()
const RATE = 48_000
const VOICES = {
  piano: 'piano',
  accordion: 'accordion',
  marimba: 'marimba-4.3',
  vibraphone: 'vibraphone-3.0',
  xylophone: 'xylophone-3.5',
  glockenspiel: 'glockenspiel-2.5',
} as const
type Make = keyof typeof VOICES
const MAKES = Object.keys(VOICES) as Make[]
const fileOf = (make: Make): string => `app/assets/voices/${make}.zip`

let script = ''
beforeAll(async () => {
  const { outputFiles } = await build({
    ...{ entryPoints: ['tests/support/soundPage.ts'], bundle: true, write: false, format: 'iife' },
    alias: { '~': './app' },
  })
  script = outputFiles[0]!.text
})

const recipeOf = (make: Make, some: Partial<RecipeInput> = {}): RecipeInput =>
  ({
    instrument: VOICES[make],
    material: { tonic: 'C', kind: 'major' },
    ...(make === 'piano' || make === 'accordion' ? { hands: 'right' } : {}),
    ...{ octaves: 1, course: 'up', articulation: 'staccato', tempo: { bpm: 60, notesPerBeat: 1 } },
    ...some,
  }) as RecipeInput

async function rendered(make: Make, some: Partial<Wanted> = {}): Promise<number[]> {
  const { page } = await open('/api/health')
  await page.route('**/blank', (route) => route.fulfill({ contentType: 'text/html', body: '<!doctype html>' }))
  await page.route('**/voice.zip', (route) => route.fulfill({ body: readFileSync(fileOf(make)) }))
  await page.goto('/blank')
  await page.addScriptTag({ content: script })
  const practice = { loop: 'once', bpm: 60, selection: null, rounds: 0, faster: 5, most: 240 }
  const wanted = {
    ...{ recipe: recipeOf(make), practice, hands: ['right', 'left'], metronome: 'off', countIn: 0, seconds: 9 },
    ...{ rate: RATE, recorded: '/voice.zip', ...some },
  }
  const { base64 } = await page.evaluate(
    (request) =>
      (globalThis as unknown as { render: (wanted: unknown) => Promise<{ base64: string }> }).render(request),
    wanted,
  )
  return [...new Float32Array(new Uint8Array(Buffer.from(base64, 'base64')).buffer)]
}
const peakOf = (samples: readonly number[]): number =>
  samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0)

const sounds = new Map<Make, Promise<number[]>>()
const soundOf = (make: Make): Promise<number[]> => {
  const known = sounds.get(make) ?? rendered(make)
  sounds.set(make, known)
  return known
}

/** When something begins after a silence, in seconds. */
function onsets(samples: readonly number[], heard = 0.01, silence = 0.05): number[] {
  const found: number[] = []
  let quiet = Infinity
  samples.forEach((sample, at) => {
    if (Math.abs(sample) < heard) quiet += 1 / RATE
    else {
      if (quiet > silence) found.push(at / RATE)
      quiet = 0
    }
  })
  return found
}
/** The limiter looks so far ahead: all that sounds is late by as much, clicks too. */
const AHEAD = 0.012

describe('a recorded voice', () => {
  it.each(MAKES)('of the %s is at most a megabyte and a half', (make) => {
    expect(statSync(fileOf(make)).size).toBeLessThanOrEqual(1_500_000)
  })

  it.each(MAKES)('of the %s is never clipped', async (make) => {
    const peak = peakOf(await soundOf(make))
    expect(peak).toBeGreaterThan(0.05)
    expect(peak).toBeLessThan(1)
  })

  it.each(['piano', 'marimba', 'xylophone'] as const)('of the %s begins within a millisecond', async (make) => {
    const notes = playedNotes(realise(recipeOf(make)))
    const begun = onsets(await soundOf(make))
    expect(begun).toHaveLength(notes.length)
    expect(begun[0]).toBeLessThan(AHEAD)
    begun.forEach((time, at) => expect(Math.abs(time - begun[0]! - notes[at]!.start), `note ${at}`).toBeLessThan(0.001))
  })

  it('is as loud as that of any other family, recorded or worked out, within three decibels (ITU-R BS.1770)', async () => {
    const legato = (make: Make, some: Partial<Wanted>) =>
      rendered(make, { recipe: recipeOf(make, { articulation: 'legato' }), ...some })
    const levels = await Promise.all(
      MAKES.flatMap((make) =>
        [{}, { recorded: undefined }].map(async (some) => [make, integrated(await legato(make, some))] as const),
      ),
    )
    const all = levels.map(([, level]) => level)
    expect(Math.max(...all) - Math.min(...all), JSON.stringify(levels)).toBeLessThan(3)
  })

  it('is in tune within three cents on the marimba, which is dry, from C4 to C5', async () => {
    const samples = await soundOf('marimba')
    for (const { start, midi } of playedNotes(realise(recipeOf('marimba')))) {
      const from = Math.round((start + 0.05) * RATE)
      const stretch = samples.slice(from, from + 0.3 * RATE)
      const hertz = (cents: number): number => 440 * 2 ** ((midi - 69) / 12 + cents / 1200)
      const strength = (frequency: number): number => {
        let [re, im] = [0, 0]
        stretch.forEach((sample, at) => {
          const window = 0.5 - 0.5 * Math.cos((2 * Math.PI * at) / stretch.length)
          re += window * sample * Math.cos((2 * Math.PI * frequency * at) / RATE)
          im += window * sample * Math.sin((2 * Math.PI * frequency * at) / RATE)
        })
        return Math.hypot(re, im)
      }
      const cents = Array.from({ length: 61 }, (_, at) => (at - 30) / 2)
      const best = cents.reduce((most, each) => (strength(hertz(each)) > strength(hertz(most)) ? each : most))
      expect(Math.abs(best), `${midi}`).toBeLessThanOrEqual(3)
    }
  })
})
