import { statSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { playedNotes, type Practice } from '#core/playback'
import { realise } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import { useBrowser } from '../support/browser'
import { integrated } from '../support/loudness'
import { atNight, someOf } from '../support/night'
import { onsetsOf, renderedSound } from '../support/renderedSound'
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

const recipeOf = (make: Make, some: Partial<RecipeInput> = {}): RecipeInput =>
  ({
    instrument: VOICES[make],
    material: { tonic: 'C', kind: 'major' },
    ...(make === 'piano' || make === 'accordion' ? { hands: 'right' } : {}),
    ...{ octaves: 1, course: 'up', articulation: 'staccato', tempo: { bpm: 60, notesPerBeat: 1 } },
    ...some,
  }) as RecipeInput

const ONCE: Practice = { loop: 'once', bpm: 60, selection: null, rounds: 0, faster: 5, most: 240 }

async function rendered(make: Make, some: Partial<Wanted> = {}): Promise<number[]> {
  const { page } = await open('/api/health')
  const wanted: Wanted = {
    ...{ recipe: recipeOf(make), practice: ONCE, hands: ['right', 'left'], metronome: 'off', countIn: 0, seconds: 9 },
    ...{ rate: RATE, recorded: '/voice.zip', ...some },
  }
  return (await renderedSound(page, wanted, fileOf(make))).samples
}
const peakOf = (samples: readonly number[]): number =>
  samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0)

const sounds = new Map<Make, Promise<number[]>>()
const soundOf = (make: Make): Promise<number[]> => {
  const known = sounds.get(make) ?? rendered(make)
  sounds.set(make, known)
  return known
}

/** The limiter looks so far ahead: all that sounds is late by as much, clicks too. */
const AHEAD = 0.012
/** How often a study is begun to see that nothing of it is left out. */
const BEGUN = 6

describe('a recorded voice', () => {
  it.each(MAKES)('of the %s is at most a megabyte and a half', (make) => {
    expect(statSync(fileOf(make)).size).toBeLessThanOrEqual(1_500_000)
  })

  atNight.each(MAKES)('of the %s is never clipped', async (make) => {
    const peak = peakOf(await soundOf(make))
    expect(peak).toBeGreaterThan(0.05)
    expect(peak).toBeLessThan(1)
  })

  it.each(someOf(MAKES, 1))('of the %s begins within a millisecond', async (make) => {
    // so slowly that every note has died before the next
    const seconds = 3
    const recipe = recipeOf(make, { tempo: { bpm: 60 / seconds, notesPerBeat: 1 } })
    const notes = playedNotes(realise(recipe))
    const practice = { ...ONCE, bpm: 60 / seconds }
    const samples = await rendered(make, { recipe, practice, seconds: seconds * (notes.length + 1) })
    const begun = onsetsOf(samples, RATE, 0.5, 0.001)
    expect(begun).toHaveLength(notes.length)
    expect(begun[0]).toBeLessThan(AHEAD)
    begun.forEach((time, at) =>
      expect(Math.abs(time - begun[0]! - seconds * notes[at]!.start), `note ${at}`).toBeLessThan(0.001),
    )
  })

  atNight(
    'is as loud as that of any other family, recorded or worked out, within three decibels (ITU-R BS.1770)',
    async () => {
      const legato = (make: Make, some: Partial<Wanted>) =>
        rendered(make, { recipe: recipeOf(make, { articulation: 'legato' }), ...some })
      const levels = await Promise.all(
        MAKES.flatMap((make) =>
          [{}, { recorded: undefined }].map(async (some) => [make, integrated(await legato(make, some))] as const),
        ),
      )
      const all = levels.map(([, level]) => level)
      expect(Math.max(...all) - Math.min(...all), JSON.stringify(levels)).toBeLessThan(3)
    },
  )

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

describe('what is heard, and where', () => {
  atNight('leans to a hand, and leaves out the clicks of silent bars', async () => {
    const recipe: RecipeInput = { ...recipeOf('piano'), hands: 'together', startOctave: 3 }
    const [even, leaning] = await Promise.all(
      [{}, { balance: { left: 0.2 } }].map((some) => rendered('piano', { recipe, ...some })),
    )
    const alone = await rendered('piano', { recipe, hands: ['right'] })
    const difference = (some: readonly number[]): number =>
      integrated(some.slice(RATE / 2).map((sample, at) => sample - alone[at + RATE / 2]!))
    // what is left of the left hand is a fifth: 14 dB less
    expect(difference(even!) - difference(leaning!)).toBeGreaterThan(12)
    const clicks = await rendered('piano', {
      ...{ hands: [], metronome: 'beats', silence: 'every-other', recorded: undefined },
    })
    const loud = (bar: number): number => peakOf(clicks.slice(4 * bar * RATE + RATE / 10, 4 * (bar + 1) * RATE))
    expect(loud(0)).toBeGreaterThan(0.05)
    expect(loud(1)).toBeLessThan(0.001)
  })

  atNight(
    'goes to a MIDI instrument: every note once, the first one each time it is begun, in order, with its strength',
    async () => {
      const { page, problems } = await open('/desk?type=' + encodeURIComponent('C major one octave up 120'))
      await page.evaluate(() => localStorage.setItem('tactum hearing', '{"metronome":"off","countIn":0}'))
      await page.reload()
      await page.evaluate(() => {
        const sent: { bytes: number[]; at: number }[] = []
        const output = {
          ...{ id: 'stage', name: 'Stage piano', clear: () => {} },
          send: (bytes: number[], at: number) => sent.push({ bytes, at }),
        }
        const access = { outputs: new Map([['stage', output]]) }
        Object.assign(navigator, { requestMIDIAccess: async () => access })
        Object.assign(globalThis, { sent })
      })
      await page.getByRole('button', { name: 'sound', exact: true }).click()
      await page.getByRole('button', { name: 'Find a MIDI instrument' }).click()
      await page.getByLabel('Played by').selectOption('Stage piano')
      await page.keyboard.press('Escape')
      const on = () =>
        page.evaluate(() =>
          (globalThis as unknown as { sent: { bytes: number[]; at: number }[] }).sent
            .filter(({ bytes }) => bytes[0] === 0x90)
            .map(({ bytes, at }) => ({ midi: bytes[1]!, velocity: bytes[2]!, at })),
        )
      const study = realise({ material: { tonic: 'C', kind: 'major' }, octaves: 1, course: 'up', tempo: { bpm: 120 } })
      const notes = playedNotes(study)
      const button = (name: string) => page.getByRole('button', { name, exact: true })
      const first = notes.filter(({ step }) => step === 0).map(({ midi }) => midi)
      // begun again and again: the first note is there each time
      for (let time = 0; time < BEGUN; time++) {
        await page.evaluate(() => void (globalThis as unknown as { sent: unknown[] }).sent.splice(0))
        await button('Play').click()
        await expect.poll(async () => (await on()).length).toBeGreaterThanOrEqual(first.length)
        const begun = (await on()).slice(0, first.length).map(({ midi }) => midi)
        expect(begun.sort()).toEqual([...first].sort())
        await button('Stop').click()
      }
      await page.evaluate(() => void (globalThis as unknown as { sent: unknown[] }).sent.splice(0))
      await button('Play').click()
      await expect.poll(async () => (await on()).length, { timeout: 30_000 }).toBe(notes.length)
      const sent = (await on()).sort((a, b) => a.at - b.at)
      // the audio clock stands still where a machine cannot keep up with it: only the order is sure here
      let from = 0
      for (const step of new Set(notes.map((note) => note.step))) {
        const struck = notes.filter((note) => note.step === step).map(({ midi }) => midi)
        const [first, last] = [from, (from += struck.length)]
        expect(
          sent
            .slice(first, last)
            .map(({ midi }) => midi)
            .sort(),
        ).toEqual(struck.sort())
      }
      for (const { velocity } of sent) expect(velocity).toBeGreaterThan(60)
      expect(problems).toEqual([])
    },
  )

  it('is recorded once the file is there, kept by the browser, and sounds all the same without it', async () => {
    const { page, problems } = await open('/desk')
    const file = page.waitForResponse((answer) => /\/piano[^/]*\.zip$/.test(answer.url()))
    await page.getByRole('button', { name: 'Play' }).click()
    expect((await file).ok()).toBe(true)
    await expect
      .poll(() => page.evaluate(async () => (await (await caches.open('tactum voices')).keys()).length))
      .toBe(1)
    await page.getByRole('button', { name: 'Stop' }).click()
    expect(problems).toEqual([])
    const without = await open('/desk')
    await without.page.route('**/*.zip', (route) => route.abort())
    await without.page.getByRole('button', { name: 'Play' }).click()
    await without.page.getByRole('button', { name: 'Stop' }).waitFor()
    await without.page.getByText('♩ =').last().waitFor()
  })
})
