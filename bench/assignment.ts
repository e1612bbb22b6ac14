/**
 * The same 300 random lists and sets by the grading and by a general solver of mixed-integer programs (HiGHS), for the
 * times of both; that they agree is a test's to say.
 */
import fc from 'fast-check'
import { gradeSet } from '#core/syllabus'
import { anyPolicies, groupsOver, setsOver } from '../tests/support/lists'
import { programOf, solver } from '../tests/support/mixedInteger'
import { listOf } from '../tests/support/syllabi'

const KEYS = ['C', 'G', 'D', 'F', 'Bb', 'A']
const LISTS = 300

/** Milliseconds that each takes for all of them. */
export function assignment(): { lists: number; own: number; general: number } {
  const cases = fc.sample(fc.tuple(setsOver(KEYS, 12), groupsOver(KEYS), anyPolicies), { seed: 13, numRuns: LISTS })
  const timed = (work: (one: (typeof cases)[number]) => unknown): number => {
    const began = performance.now()
    for (const one of cases) work(one)
    return performance.now() - began
  }
  return {
    lists: LISTS,
    own: timed(([studies, groups, policies]) => gradeSet(listOf(...groups), 'g', studies, policies)),
    general: timed(([studies, groups, policies]) =>
      solver.solve(programOf(listOf(...groups), studies, policies).text, { mip_rel_gap: 0 }),
    ),
  }
}
