// The budgets, measured and printed: the core in this process, the grading, and page, library, paper and sound in a real
// browser. Names of those last (`page`, `paper` ...) as arguments: only these.
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

/** A long plan in a worker, and how often what was said of made-up pupils came true. */
async function practice() {
  const worker = new Worker(await bundle('bench/practice.ts', 'bench-practice'))
  const [{ long, modelled, otherwise, pupils }] = await once(worker, 'message')
  await worker.terminate()
  const help = `; what would help ${long.help.toFixed(0)} ms`
  print(
    'plan: 40 studies over 20 weeks, in a worker',
    `${long.median.toFixed(0)} ms`,
    `budget 200 ms; at worst ${long.worst.toFixed(0)} ms${help}`,
  )
  const inHundred = (share) => (Number.isNaN(share) ? '–' : `${Math.round(share * 100)}`)
  for (const [who, bins] of Object.entries({ 'as the model says': modelled, otherwise: otherwise })) {
    for (const { forecast, came, count } of bins) {
      print(
        `of ${pupils} pupils who learn ${who}`,
        `${inHundred(forecast)} % said`,
        `${inHundred(came)} % came true, of ${count}`,
      )
    }
  }
}

async function withoutBrowser() {
  const { core } = await import(pathToFileURL(await bundle('bench/core.ts', 'bench')).href)
  core()
  batch()
  await grading()
  await assigning()
  await practice()
}

async function measured(parts, browser, address) {
  for (const part of parts) await part(browser, address)
}

async function main() {
  await ensureModules()
  await ensureBuild()
  await ensureBrowser()
  const wanted = process.argv.slice(2)
  if (wanted.length === 0) await withoutBrowser()
  const { chromium } = await import('playwright-core')
  const { page, scripts } = await import('../bench/page.mjs')
  const { library } = await import('../bench/library.mjs')
  const { paper } = await import('../bench/paper.mjs')
  const { sound } = await import('../bench/sound.mjs')
  const { teachers } = await import('../bench/teachers.mjs')
  const { FLAGS } = await import('../bench/print.mjs')
  const cluster = await startCluster(`cluster-bench-${process.pid}`, { throwAway: true })
  try {
    const server = await startServer({ port: await freePort(), databaseUrl: cluster.url, log: 'bench-server.log' })
    try {
      const browser = await chromium.launch({ executablePath: testBrowser(), args: FLAGS })
      const parts = Object.entries({ scripts, page, teachers, library, paper, sound })
        .filter(([name]) => wanted.length === 0 || wanted.includes(name))
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
