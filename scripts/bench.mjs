// The budgets, measured and printed: the core in this process, the grading, and page, library, paper and sound in a real
// browser. Names (`practice`, `page`, `paper` ...) as arguments: only these.
import { once } from 'node:events'
import { pathToFileURL } from 'node:url'
import { Worker } from 'node:worker_threads'
import { batch } from '../bench/batch.mjs'
import { print } from '../bench/print.mjs'
import { ensureBrowser, testBrowser } from './lib/browser.mjs'
import { bundle } from './lib/bundle.mjs'
import { ensureBuild, ensureModules } from './lib/packages.mjs'
import { freePort, startCluster } from './lib/postgres.mjs'
import { fail } from './lib/run.mjs'
import { startServer } from './lib/server.mjs'

/** A large list and a large set, graded in a worker. */
async function grading() {
  const worker = new Worker(await bundle('bench/grading.ts', 'bench-grading'))
  const [{ atoms, studies, median, worst }] = await once(worker, 'message')
  await worker.terminate()
  const words = `${studies} studies against a made-up list of ${atoms} atoms, in a worker`
  print(words, `${median.toFixed(0)} ms`, `budget 1000 ms; at worst ${worst.toFixed(0)} ms`)
}

/** The assignment of studies to what a list asks, beside a general solver. */
async function assigning() {
  const { assignment } = await import(pathToFileURL(await bundle('bench/assignment.ts', 'bench-assignment')).href)
  const { lists, own, general } = assignment()
  print(`${lists} random lists graded`, `${own.toFixed(0)} ms`, `by a general exact solver ${general.toFixed(0)} ms`)
}

/** A long plan in a worker, and how well what is said of made-up pupils comes true. */
async function practice() {
  const worker = new Worker(await bundle('bench/practice.ts', 'bench-practice'))
  const [{ long, rows, bins, lives, taught }] = await once(worker, 'message')
  await worker.terminate()
  const help = `; what would help ${long.help.toFixed(0)} ms`
  print(
    'plan: 40 studies over 20 weeks, in a worker',
    `${long.median.toFixed(0)} ms`,
    `budget 200 ms; the first ${long.first.toFixed(0)} ms${help}`,
  )
  const percent = (share) => `${Math.round(share * 100)} of 100`
  print(
    `plans kept by ${taught.lives} made-up pupils`,
    percent(taught.chance),
    `would be right at the exam, of each one’s worst study ${percent(taught.worst)}; first test in week one ${percent(taught.early)}; at most ${taught.fresh.toFixed(1)} new in a week; ${percent(taught.alike)} follow a like; ${percent(taught.toTempo)} came to their tempo, ${percent(taught.starved)} never left the first`,
  )
  for (const { name, scores, within, draws, studies } of rows) {
    const { count, base, brier, ofBase, calibration } = scores
    print(
      `forecasts, ${name} (${count}, of ${lives} lives each)`,
      `${brier.toFixed(3)}`,
      `Brier score; ${ofBase.toFixed(2)} of the base rate’s (${base.toFixed(2)}); calibration error ${calibration.toFixed(3)}; interval held ${Math.round(within * 100)} of 100 (${draws}), of studies ${Math.round(studies * 100)}`,
    )
  }
  const inHundred = (share) => `${Math.round(share * 100)}`
  for (const { said, came, count } of bins)
    if (count > 0) print('forecasts', `${inHundred(said)} said`, `${inHundred(came)} came true, of ${count}`)
}

async function core() {
  const { core: run } = await import(pathToFileURL(await bundle('bench/core.ts', 'bench')).href)
  run()
  batch()
}

/** Parts that take no browser. */
const ALONE = { core, grading, assigning, practice }

async function measured(parts, browser, address) {
  for (const part of parts) await part(browser, address)
}

async function main() {
  await ensureModules()
  const wanted = process.argv.slice(2)
  const isWanted = (name) => wanted.length === 0 || wanted.includes(name)
  for (const [name, part] of Object.entries(ALONE)) if (isWanted(name)) await part()
  if (wanted.length > 0 && wanted.every((name) => name in ALONE)) return
  await ensureBuild()
  await ensureBrowser()
  const { chromium } = await import('playwright-core')
  const { page, scripts } = await import('../bench/page.mjs')
  const { library } = await import('../bench/library.mjs')
  const { paper } = await import('../bench/paper.mjs')
  const { sound } = await import('../bench/sound.mjs')
  const { pupils } = await import('../bench/pupils.mjs')
  const { teachers } = await import('../bench/teachers.mjs')
  const { FLAGS } = await import('../bench/print.mjs')
  const cluster = await startCluster(`cluster-bench-${process.pid}`, { throwAway: true })
  try {
    const server = await startServer({ port: await freePort(), databaseUrl: cluster.url, log: 'bench-server.log' })
    try {
      const browser = await chromium.launch({ executablePath: testBrowser(), args: FLAGS })
      const parts = Object.entries({ scripts, page, teachers, pupils, library, paper, sound })
        .filter(([name]) => isWanted(name))
        .map(([, part]) => part)
      await measured(parts, browser, server.address).finally(() => browser.close())
    } finally {
      await server.stop()
    }
  } finally {
    await cluster.stop()
  }
}

await main().catch(fail)
