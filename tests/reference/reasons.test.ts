import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { KIND_IDS, KINDS } from '#core/material'
import { DomainError } from '#core/message'
import { realise } from '#core/realise'
import { inEnglish } from '../support/english'
import type { FingerStudy } from '../support/played'
import { reasonFails } from '../support/reasonHolds'

const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#', 'G#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const MORE: readonly object[] = [
  { octaves: 1 },
  { octaves: 2 },
  { octaves: 2, school: 'black-key-pivot' },
  { octaves: 3, firstFinger: 'pattern' },
  { octaves: 1, school: 'one-fingering-for-all' },
  { octaves: 2, school: 'free-and-smooth' },
  { octaves: 2, course: 'down-up' },
  { octaves: 2, pattern: { figure: 'broken-thirds' } },
]

function realisedOrNot(recipe: object): FingerStudy | null {
  try {
    return realise(recipe as RecipeInput, {}, 0) as FingerStudy
  } catch (error) {
    if (error instanceof DomainError) return null
    throw error
  }
}

describe('reasons', () => {
  it('name the notes and fingers where it happens: three thousand of them', () => {
    let count = 0
    const wrong: string[] = []
    KIND_IDS.filter((kind) => KINDS[kind].texture === 'run').forEach((kind, place) => {
      TONICS.forEach((tonic, at) => {
        const more = MORE[(place + at) % MORE.length]!
        const study = realisedOrNot({ material: { tonic, kind }, ...more })
        for (const part of Object.values(study?.hands ?? {})) {
          for (const reason of part.reasons) {
            count++
            const why = reasonFails(reason, part)
            if (why)
              wrong.push(
                `${tonic} ${kind} ${JSON.stringify(more)} ${reason.hand}: ${inEnglish(reason.message)} (${why})`,
              )
          }
        }
      })
    })
    expect(wrong).toEqual([])
    expect(count).toBeGreaterThanOrEqual(3000)
  })
})
