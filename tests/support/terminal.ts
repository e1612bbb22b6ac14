import path from 'node:path'
import { PassThrough, Readable } from 'node:stream'
import { pathToFileURL } from 'node:url'
import { text } from 'node:stream/consumers'
import { bundle } from '../../scripts/lib/bundle.mjs'

type Main = typeof import('../../cli/main').main

let loaded: Promise<Main> | undefined

/** The terminal's bundle, as a command loads it. */
async function load(): Promise<Main> {
  const file = await bundle(path.join('cli', 'main.ts'), 'cli')
  return ((await import(/* @vite-ignore */ pathToFileURL(file).href)) as { main: Main }).main
}

/**
 * Runs a command of the terminal; what it printed, line by line. It runs in this process: what a process of its own adds
 * is tried where answers are flushed.
 */
export async function run(
  command: string,
  input: string,
  args: string[] = [],
): Promise<{ code: number; lines: string[] }> {
  const main = await (loaded ??= load())
  const [stdout, stderr] = [new PassThrough(), new PassThrough()]
  const printed = text(stdout)
  const code = await main(command, args, { stdin: Readable.from([input]), stdout, stderr })
  stdout.end()
  return { code, lines: (await printed).trim().split('\n') }
}
