// A batch of mixed studies in the terminal: what one costs beyond starting up.
import { spawnSync } from 'node:child_process'
import { print } from './print.mjs'

const MAJORS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const MINORS = ['A', 'E', 'B', 'F#', 'C#', 'G#', 'D#', 'Bb', 'F', 'C', 'G', 'D']

/** Twelve studies in each of twelve keys: scales, arpeggios, contrary motion, double notes, figures, chains, cadences. */
const STUDIES = MAJORS.flatMap((tonic, at) => [
  ...['major', 'major-arpeggio', 'dominant-seventh-arpeggio', 'chromatic'].map((kind) => ({
    material: { tonic, kind },
    octaves: 4,
  })),
  ...['harmonic-minor', 'melodic-minor'].map((kind) => ({ material: { tonic: MINORS[at], kind }, octaves: 4 })),
  { material: { tonic, kind: 'major' }, motion: 'contrary' },
  { material: { tonic, kind: 'double-thirds-major' }, hands: 'right' },
  { material: { tonic, kind: 'major' }, pattern: { figure: 'broken-thirds' } },
  { material: { tonic, kind: 'diatonic-sevenths-major' } },
  { material: { tonic, kind: 'cadence-major' } },
  { material: { tonic: MINORS[at], kind: 'minor-arpeggio', inversion: 1 } },
])

/** Milliseconds that the terminal takes for some studies, the best of three. */
function taken(studies) {
  const input = studies.map((study) => JSON.stringify(study)).join('\n')
  const times = Array.from({ length: 3 }, () => {
    const began = performance.now()
    const { status, stderr } = spawnSync(process.execPath, ['scripts/cli.mjs', 'realise'], {
      input,
      maxBuffer: 2 ** 28,
    })
    if (status !== 0) throw new Error(String(stderr))
    return performance.now() - began
  })
  return Math.min(...times)
}

export function batch() {
  // the first run may bundle the core
  taken(STUDIES.slice(0, 1))
  const startUp = taken(STUDIES.slice(0, 1))
  const each = (taken(STUDIES) - startUp) / (STUDIES.length - 1)
  print(`${STUDIES.length} mixed studies in the terminal, each beyond start-up`, `${each.toFixed(1)} ms`, 'budget 8 ms')
}
