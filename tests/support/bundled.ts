import path from 'node:path'
import { bundle } from '../../scripts/lib/bundle.mjs'

/** The terminal's bundle, made once before two workers want it. */
export default async function setup(): Promise<void> {
  await bundle(path.join('cli', 'main.ts'), 'cli')
}
