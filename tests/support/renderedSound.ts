import { readFileSync } from 'node:fs'
import { build } from 'esbuild'
import type { Page } from 'playwright-core'
import type { Wanted } from './soundPage'

let script: Promise<string> | undefined
/** What the page plays with, as one script; built once. */
const playing = (): Promise<string> =>
  (script ??= build({
    ...{ entryPoints: ['tests/support/soundPage.ts'], bundle: true, write: false, format: 'iife' },
    alias: { '~': './app' },
  }).then(({ outputFiles }) => outputFiles[0]!.text))

/**
 * What the page would play, rendered on an offline audio context in the real browser: one channel at its sample rate.
 * @param page at an address of Tactum
 * @param voice the file that is served as `/voice.zip`
 */
export async function renderedSound(
  page: Page,
  wanted: Wanted,
  voice?: string,
): Promise<{ sampleRate: number; samples: number[] }> {
  // a page of its own, without Tactum's rules for scripts
  await page.route('**/blank', (route) => route.fulfill({ contentType: 'text/html', body: '<!doctype html>' }))
  if (voice) await page.route('**/voice.zip', (route) => route.fulfill({ body: readFileSync(voice) }))
  await page.goto('/blank')
  await page.addScriptTag({ content: await playing() })
  type Render = (wanted: Wanted) => Promise<{ sampleRate: number; base64: string }>
  const { sampleRate, base64 } = await page.evaluate(
    (request) => (globalThis as unknown as { render: Render }).render(request),
    wanted,
  )
  return { sampleRate, samples: [...new Float32Array(new Uint8Array(Buffer.from(base64, 'base64')).buffer)] }
}

/** When something begins after a silence, in seconds. @param heard quieter samples are silence */
export function onsetsOf(samples: readonly number[], sampleRate: number, silence: number, heard = HEARD): number[] {
  const found: number[] = []
  let quiet = Infinity
  samples.forEach((sample, at) => {
    if (Math.abs(sample) < heard) quiet += 1 / sampleRate
    else {
      if (quiet > silence) found.push(at / sampleRate)
      quiet = 0
    }
  })
  return found
}
const HEARD = 0.01
