import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { KIND_IDS, materialOf, type NamedMaterial } from '#core/material'
import { DomainError } from '#core/message'
import { noteName } from '#core/pitch'
import { notesMessages, realise, type RealisedStudy } from '#core/realise'
import { meetingsMessage } from '#core/together'
import { inEnglish } from '../../support/english'
import type { FingerStudy } from '../../support/played'

const said = (tonic: string, kind: string, more: object = {}): string[] =>
  notesMessages(realise({ material: { tonic, kind }, ...more } as RecipeInput, {}, 0)).map(inEnglish)

describe('what is said of a study’s notes', () => {
  it('finds the first key beside the two and the three black ones', () => {
    expect(said('C', 'major')).toEqual(['C lies left of the two black keys.'])
    expect(said('F', 'major')).toEqual(['F lies left of the three black keys.'])
    expect(said('A', 'natural-minor')).toEqual(['A lies between the second and the third of the three black keys.'])
    expect(said('Bb', 'major')).toEqual(['B♭ is the last of the three black keys.'])
    expect(said('D', 'major', { instrument: 'marimba-4.3' })).toEqual(['D lies between the two bars of the upper row.'])
    // buttons stand in no such groups
    expect(said('C', 'major', { instrument: 'accordion', accordion: { treble: 'c-3' } })).toEqual([])
  })

  it('says why a double sharp or flat is none of its plain neighbours', () => {
    expect(said('G#', 'harmonic-minor')).toContain('F× and not G: the scale has each letter once.')
    expect(said('C', 'diminished-seventh-arpeggio')).toContain('B♭♭ and not A: a chord is spelled in thirds.')
    expect(said('A#', 'lydian-augmented')).toContain('E× and not F♯: the scale has each letter once.')
  })

  it('says it of every double sign of every kind with one note to each letter, and of no other', () => {
    let count = 0
    for (const kind of KIND_IDS) {
      for (const tonic of ['G#', 'D#', 'A#', 'Db', 'Cb', 'F#']) {
        let study: RealisedStudy
        try {
          study = realise({ material: { tonic, kind } } as RecipeInput, {}, 0)
        } catch (error) {
          if (error instanceof DomainError) continue
          throw error
        }
        const doubles = notesMessages(study).filter(({ code }) => code === 'spelling.double')
        const said = doubles.map(({ params }) => (params!.note as { note: string }).note)
        const { up, down } = materialOf(study.recipe.material as NamedMaterial)
        const lettered = [up, down].every((row) => new Set(row.map(({ letter }) => letter)).size === row.length)
        const own = [...up, ...down].map(noteName).filter((name) => /(##|bb)$/.test(name))
        expect(said.sort(), `${tonic} ${kind}`).toEqual(lettered ? [...new Set(own)].sort() : [])
        count += said.length
      }
    }
    expect(count).toBeGreaterThan(20)
  })
})

describe('cues', () => {
  it('name the finger of the other hand that falls with each thumb that passes', () => {
    for (const tonic of ['C', 'D', 'E', 'F', 'G', 'A', 'Bb', 'Eb', 'Ab', 'Db', 'B']) {
      const study = realise({ material: { tonic, kind: 'major' } } as RecipeInput, {}, 0) as FingerStudy
      const { right, left } = study.hands
      for (const message of meetingsMessage(study.together!, right!, left!)) {
        if (message.code !== 'meet.cues') continue
        const own = message.params!.hand === 'right' ? right! : left!
        const other = message.params!.hand === 'right' ? left! : right!
        for (const { params } of (message.params!.cues as unknown as { items: { params: Record<string, unknown> }[] })
          .items) {
          const at = own.crossings.find(({ index, kind }) => {
            const name = own.pitches[index]!.replace(/-?\d+$/, '')
            return kind === 'thumb-under' && name === (params.note as { note: string }).note
          })!
          const { step } = own.notes[at.index]!
          expect(other.fingers[other.notes.findIndex((note) => note.step === step)]).toBe(params.finger)
        }
      }
    }
    const C = realise({ material: { tonic: 'C', kind: 'major' } } as RecipeInput, {}, 0) as FingerStudy
    const words = meetingsMessage(C.together!, C.hands.right!, C.hands.left!).map(inEnglish)
    expect(words).toContain(
      'Going up watch the right thumb: it passes to F as the left hand has 2 and C as the left hand has 1.',
    )
  })
})
