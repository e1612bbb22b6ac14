// Paper and files: a set of forty studies as PDF, as pages to be looked at, and as MusicXML, asked of the server.
import { at, print, rounded } from './print.mjs'

const STUDIES = 40
const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F', 'Bb', 'Eb', 'Ab']
const KINDS = ['major', 'harmonic-minor', 'major-arpeggio', 'minor-arpeggio']
const RUNS = 5

const studies = Array.from({ length: STUDIES }, (_, n) => ({
  recipe: { material: { tonic: TONICS[n % TONICS.length], kind: KINDS[Math.floor(n / TONICS.length)] } },
}))

/** Milliseconds from asking to the last byte, the first time and after it. */
async function times(address, path, body) {
  const taken = []
  let bytes = 0
  for (let run = 0; run <= RUNS; run++) {
    const began = performance.now()
    const headers = { 'content-type': 'application/json', origin: address }
    const answer = await fetch(address + path, { method: 'POST', headers, body: JSON.stringify(body) })
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`)
    bytes = (await answer.arrayBuffer()).byteLength
    taken.push(performance.now() - began)
  }
  return { first: taken[0], median: at(taken.slice(1), 0.5), bytes }
}

export async function paper(_, address) {
  const request = [
    ['PDF', '/api/paper', { sheet: 'studies', studies, title: 'Forty', as: 'pdf' }],
    ['pages to be looked at', '/api/paper', { sheet: 'studies', studies, title: 'Forty', as: 'pages' }],
    ['MusicXML', '/api/files/write', { format: 'musicxml', studies, title: 'Forty' }],
  ]
  for (const [what, path, body] of request) {
    const { first, median, bytes } = await times(address, path, body)
    print(
      `${STUDIES} studies as ${what}`,
      rounded(median),
      `the first time ${rounded(first)}; ${Math.round(bytes / 1000)} kB`,
    )
  }
}
