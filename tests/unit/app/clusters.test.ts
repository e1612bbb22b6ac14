import { fingered } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { layoutOf, markedStretch } from '#engraving'
import { anyShaped } from '../../support/recipes'
import { runs } from '../../support/runs'
import { clustered, stairOf } from '#pictures'

const WIDTH = 900
const DISC = 16.6

describe('grips as blocks', () => {
  it('show every key of a grip once, with its finger, none over another', () => {
    fc.assert(
      fc.property(anyShaped, (recipe) => {
        const study = fingered({ ...recipe, octaves: 1, rhythm: {}, bookends: {} }, {}, 0)
        for (const system of layoutOf(study, WIDTH)) {
          const stair = stairOf(study, system, 220)
          const { slabs, hinges, meetings } = clustered(stair)
          expect([hinges, meetings]).toEqual([[], []])
          expect(slabs).toHaveLength(stair.slabs.length)
          slabs.forEach((slab, at) => {
            const keys = stair.slabs[at]!.discs.map((disc) => disc.y)
            expect(slab.discs.map((disc) => disc.y).toSorted()).toEqual([...new Set(keys)].toSorted())
            for (const [here, disc] of slab.discs.entries()) {
              expect(disc.x).toBeGreaterThan(slab.x)
              expect(disc.x).toBeLessThan(slab.x + slab.width)
              const next = slab.discs[here + 1]
              if (next) expect(Math.hypot(next.x - disc.x, next.y - disc.y)).toBeGreaterThan(DISC)
            }
          })
        }
      }),
      { numRuns: runs(15) },
    )
  })
})

describe('a marked stretch', () => {
  it('lies over its notes in every system that holds some of it, and in no other', () => {
    const study = fingered({ material: { tonic: 'C', kind: 'major' }, octaves: 4 })
    const systems = layoutOf(study, 560)
    expect(systems.length).toBeGreaterThan(2)
    for (const [from, to] of [
      [0, 0],
      [3, study.steps - 1],
      [systems[1]!.from, systems[1]!.from + 2],
    ] as const) {
      for (const system of systems) {
        const stretch = markedStretch(system, [from, to])
        const inside = system.columns.filter((_, at) => system.from + at >= from && system.from + at <= to)
        if (inside.length === 0) expect(stretch).toBeNull()
        else {
          for (const x of system.columns) {
            const covered = x > stretch!.x && x < stretch!.x + stretch!.width
            expect(covered).toBe(inside.includes(x))
          }
        }
      }
    }
    expect(markedStretch(systems[0]!, null)).toBeNull()
  })
})
