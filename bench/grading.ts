/** A made-up list of 2,000 atoms and a set of 500 studies, graded in a worker; posts what it took, in milliseconds. */
import { parentPort } from 'node:worker_threads'
import { KIND_IDS } from '#core/material'
import { atomsOf, completeEntry, gradeSet, recipesForMissing, type Syllabus } from '#core/syllabus'

const KEYS = ['C', 'G', 'D', 'A', 'E', 'B', 'F', 'Bb', 'Eb', 'Ab']
const kinds = KIND_IDS.filter((kind) => /^(major|(harmonic|melodic)-minor|(major|minor)-arpeggio)$/.test(kind))

/** Five kinds, ten keys, in lengths, hands and touches; a third of the groups leave a choice. */
function madeUp(): Syllabus {
  const groups = Array.from({ length: 40 }, (_, at) => ({
    id: `G${at}`,
    title: `Group ${at}`,
    rule: at % 3 === 0 ? ({ any: 40, of: 'items' } as const) : ('all' as const),
    draw: null,
    entries: kinds.map((kind, place) =>
      completeEntry({
        id: `${at}.${place}`,
        words: 'made up',
        keys: KEYS,
        kinds: [kind],
        hands: (['together', 'right', 'left'] as const)[at % 3]!,
        octaves: 1 + (at % 4),
        articulations: at % 2 ? ['staccato'] : ['legato'],
        tempo: { bpm: 60 + (at % 30), notesPerBeat: 2 },
      }),
    ),
  }))
  return {
    ...{ format: 'tactum-syllabus/1', id: 'made-up', title: 'Made up', board: 'Made up', instrument: 'piano' },
    ...{ edition: '', follows: null, marking: null },
    grades: [{ id: 'all', title: 'All', includes: null, draw: null, groups }],
  } as Syllabus
}

const list = madeUp()
const atoms = atomsOf(list, list.grades[0]!).length
const all = recipesForMissing(list, gradeSet(list, 'all', []))
// every third study, some of them slower than asked
const studies = Array.from({ length: 500 }, (_, at) => {
  const recipe = all[(at * 3) % all.length]!
  return at % 4 === 0 ? { ...recipe, tempo: { ...recipe.tempo, bpm: 50 } } : recipe
})
const times = Array.from({ length: 5 }, () => {
  const began = performance.now()
  gradeSet(list, 'all', studies)
  return performance.now() - began
}).sort((a, b) => a - b)
parentPort!.postMessage({ atoms, studies: studies.length, median: times[2], worst: times[4] })
