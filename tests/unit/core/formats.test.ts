import { strToU8, unzipSync, zipSync } from 'fflate'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Bundle, formatIn, formatOf, FORMATS, openFile, studiesIn } from '#core/formats'
import type { RecipeInput } from '#core/instrument'
import { DomainError } from '#core/message'
import { lineFor, marksOf, playersIn, realise, type RealisedStudy } from '#core/realise'
import { FILE_FORMATS } from '#shared/fileFormats'
import { recipeOf } from '#shared/schemas'
import { anyRecipe } from '../../support/recipes'
import { realisedIfItCan } from '../../support/realised'
import { runs } from '../../support/runs'

const bundleOf = (...recipes: RecipeInput[]): Bundle => ({
  title: 'A set',
  pieces: recipes.map((recipe, at) => ({ title: `Study ${at + 1}`, study: realise(recipe, {}, 0) })),
})
const bytesOf = (id: 'musicxml' | 'mxl' | 'midi', bundle: Bundle): Uint8Array => {
  const file = formatOf(id).write(bundle, { strokes: false })
  return typeof file === 'string' ? strToU8(file) : file
}
const found = (bytes: Uint8Array) => openFile(bytes).flatMap((piece) => studiesIn(piece, recipeOf))
/** The same file as a program would write it that keeps no recipes. */
const bare = (bundle: Bundle): Uint8Array =>
  strToU8((formatOf('musicxml').write(bundle, {}) as string).replace(/<miscellaneous>[^]*<\/miscellaneous>/, ''))
const fingersOf = (study: RealisedStudy) => playersIn(study).map((player) => marksOf(study, player).join(''))
const pitchesOf = (study: RealisedStudy) => playersIn(study).map((player) => lineFor(study, player).pitches)

function refused(work: () => unknown): string {
  try {
    work()
  } catch (error) {
    if (error instanceof DomainError) return `${error.code} ${error.path}`
    throw error
  }
  return 'taken'
}

describe('the table of formats', () => {
  it('is what the doors list', () => {
    expect([...FILE_FORMATS].sort()).toEqual(FORMATS.map(({ id }) => id).sort())
  })

  it('knows a file by what is in it, whatever it is called', () => {
    const bundle = bundleOf({ material: { tonic: 'C', kind: 'major' } })
    for (const id of ['musicxml', 'mxl', 'midi'] as const) expect(formatIn(bytesOf(id, bundle))).toBe(id)
    expect(formatIn(strToU8('words\nC major\n'))).toBeNull()
  })

  it('writes every format of it, an extension and a media type for each', () => {
    const bundle = bundleOf({ material: { tonic: 'F#', kind: 'harmonic-minor' } })
    for (const { write, extensions, mediaType } of FORMATS) {
      expect(write(bundle, {}).length).toBeGreaterThan(100)
      expect([extensions[0], mediaType.includes('/')]).toEqual([expect.stringMatching(/^[a-z]+$/), true])
    }
  })
})

describe('fingers of a file', () => {
  it('that no hand can play are said to be none, and the engine’s stand', () => {
    const bundle = bundleOf({ material: { tonic: 'C', kind: 'major' }, hands: 'right', octaves: 1 })
    const text = new TextDecoder().decode(bare(bundle))
    const [stored] = found(strToU8(text))
    expect([stored!.unplayable, stored!.known]).toEqual([undefined, 'recognised'])
    const none = text.replaceAll(/<fingering>\d<\/fingering>/g, '<fingering>3</fingering>')
    const [dropped] = found(strToU8(none))
    expect([dropped!.unplayable, dropped!.recipe.pins ?? []]).toEqual([true, []])
  })
})

describe('out and in again', () => {
  it('is the same study, with its pins, by MusicXML', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        const study = realisedIfItCan(recipe)
        if (!study) return
        const [again] = found(bytesOf('musicxml', { title: 'One', pieces: [{ title: 'One', study }] }))
        expect(again).toMatchObject({ known: 'kept', recipe: study.recipe })
      }),
      { numRuns: runs(100) },
    )
  })

  it('is a set in its order, each with its title, packed or not', () => {
    const bundle = bundleOf(
      { material: { tonic: 'G', kind: 'harmonic-minor' }, pins: [{ hand: 'left', index: 3, finger: 4 }] },
      { material: { tonic: 'C', kind: 'major-arpeggio' }, hands: 'right' },
      { material: { tonic: 'D', kind: 'major' }, motion: 'contrary' },
    )
    for (const id of ['musicxml', 'mxl'] as const) {
      const again = found(bytesOf(id, bundle))
      expect(again.map(({ recipe }) => recipe)).toEqual(bundle.pieces.map(({ study }) => study.recipe))
      expect(again.map(({ title }) => title)).toEqual(['Study 1', 'Study 2', 'Study 3'])
    }
  })

  it.each<[string, RecipeInput]>([
    ['a scale', { material: { tonic: 'Ab', kind: 'major' }, octaves: 3 }],
    ['a minor', { material: { tonic: 'D#', kind: 'melodic-minor' }, octaves: 2, tempo: { bpm: 92, notesPerBeat: 4 } }],
    ['one that comes down first', { material: { tonic: 'E', kind: 'major' }, hands: 'left', course: 'down-up' }],
    ['contrary motion', { material: { tonic: 'B', kind: 'harmonic-minor' }, motion: 'contrary' }],
    ['hands a sixth apart', { material: { tonic: 'D', kind: 'major' }, interval: 'sixth' }],
    ['an inversion', { material: { tonic: 'F', kind: 'dominant-seventh-arpeggio', inversion: 2 }, octaves: 2 }],
    ['a figure', { material: { tonic: 'Bb', kind: 'major' }, pattern: { figure: 'broken-thirds' } }],
    ['double thirds', { material: { tonic: 'C', kind: 'double-thirds-major' }, hands: 'right' }],
    ['a cadence', { material: { tonic: 'A', kind: 'cadence-minor' } }],
    ['a mode', { material: { tonic: 'D', kind: 'dorian' }, hands: 'right' }],
  ])('%s is known by its notes alone, in MusicXML and MIDI', (_, recipe) => {
    const bundle = bundleOf(recipe)
    const [{ study } = { study: null }] = bundle.pieces
    for (const bytes of [bare(bundle), bytesOf('midi', bundle)]) {
      const again = found(bytes)
      expect(again.map(({ known }) => known)).toEqual(['recognised'])
      const read = realise(again[0]!.recipe, {}, 0)
      expect(read.recipe.material).toEqual(study!.recipe.material)
      expect(pitchesOf(read)).toEqual(pitchesOf(study!))
      expect(read.recipe.tempo).toEqual(study!.recipe.tempo)
    }
  })

  it('keeps fingers that are not the engine’s as pins', () => {
    const pins = [
      { hand: 'right', index: 2, finger: 4 },
      { hand: 'right', index: 3, finger: 1 },
    ] as const
    const bundle = bundleOf({ material: { tonic: 'C', kind: 'major' }, hands: 'right', pins })
    const [again] = found(bare(bundle))
    expect(again!.known).toBe('recognised')
    expect(fingersOf(realise(again!.recipe))).toEqual(fingersOf(bundle.pieces[0]!.study))
  })

  it('is a study of listed pitches where it is no material of ours, a study for each hand', () => {
    const pitches = ['C4', 'F#4', 'Eb4', ['C4', 'E4', 'G4'], 'A4']
    const bundle = bundleOf({ material: { pitches }, hands: 'right' })
    const [again] = found(bare(bundle))
    expect(again).toMatchObject({ known: 'listed', recipe: { hands: 'right', material: { pitches } } })
    const apart = found(
      bare(bundleOf({ material: { tonic: 'D', kind: 'major' }, pattern: { accompaniment: 'held-tonic' } })),
    )
    expect(apart.map(({ known, recipe }) => [known, recipe.hands])).toEqual([
      ['recognised', 'right'],
      ['listed', 'left'],
    ])
  })

  it('is as many studies of listed pitches as it takes: no note is dropped', () => {
    const one = ['C4', 'F#4', 'Eb4', 'B4']
    const { study } = bundleOf({ material: { pitches: one }, hands: 'right' }).pieces[0]!
    const long = { title: 'Long', fifths: 0, minor: false, bpm: 60, hands: ['right' as const], recipe: null }
    const line = Array.from({ length: 900 }, (_, at) => {
      const midi = lineFor(study, 'right').midi[at % 4]!
      return { start: at, beats: 1, notes: [{ midi, name: one[at % 4]!, mark: null }] }
    })
    const pitches = studiesIn({ ...long, lines: [line] }, recipeOf).map(({ recipe }) =>
      'pitches' in recipe.material ? recipe.material.pitches.length : 0,
    )
    expect(pitches).toEqual([400, 400, 100])
  })

  it('spells what MIDI only numbers as its key would', () => {
    const bundle = bundleOf({ material: { pitches: ['E4', 'G#4', 'B4', 'D5', 'C5', 'F5'] }, hands: 'right' })
    const [again] = found(bytesOf('midi', bundle))
    expect(again!.recipe.material).toEqual({ pitches: ['E4', 'Ab4', 'B4', 'D5', 'C5', 'F5'] })
  })

  it('guards cells of a table that a spreadsheet would take for formulas', () => {
    const { study } = bundleOf({ material: { tonic: 'C', kind: 'major' } }).pieces[0]!
    const csv = formatOf('csv').write({ title: 'x', pieces: [{ title: '=1+1', study }] }, {}) as string
    expect(csv.split('\r\n')[1]).toMatch(/^"'=1\+1",/)
  })
})

describe('what is no music', () => {
  const xml = (): string =>
    formatOf('musicxml').write(bundleOf({ material: { tonic: 'C', kind: 'major' } }), {}) as string
  const midi = (): Uint8Array => bytesOf('midi', bundleOf({ material: { tonic: 'C', kind: 'major' } }))

  it.each<[string, () => Uint8Array, string]>([
    ['nonsense', () => strToU8('once upon a time'), 'format.unknown file'],
    ['nothing', () => new Uint8Array(), 'format.unknown file'],
    ['another XML', () => strToU8('<html><body/></html>'), 'format.unknown file'],
    ['a document that ends too soon', () => strToU8(xml().slice(0, 3000)), 'format.broken file'],
    [
      'names that grow a thousandfold',
      () =>
        strToU8(xml().replace(/<!DOCTYPE[^>]*>/, '<!DOCTYPE score-partwise [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]>')),
      'format.entities file',
    ],
    [
      'a file of somebody else’s disk',
      () =>
        strToU8(
          xml().replace(/<!DOCTYPE[^>]*>/, '<!DOCTYPE score-partwise [<!ENTITY x SYSTEM "file:///etc/passwd">]>'),
        ),
      'format.entities file',
    ],
    ['a pitch that is none', () => strToU8(xml().replace('<step>E', '<step>X')), 'format.pitch measure 1'],
    ['an octave that is none', () => strToU8(xml().replace('<octave>4', '<octave>high')), 'format.pitch measure 1'],
    [
      'no notes',
      () => strToU8('<score-partwise><part id="P1"><measure number="1"/></part></score-partwise>'),
      'format.empty file',
    ],
    ['MIDI that ends too soon', () => midi().slice(0, 60), 'format.broken file'],
    ['MIDI without notes', () => midi().slice(0, 14), 'format.empty file'],
    ['a packed file without music', () => zipSync({ 'readme.txt': strToU8('nothing') }), 'format.packed file'],
    [
      'a packed file that is broken',
      () => bytesOf('mxl', bundleOf({ material: { tonic: 'C', kind: 'major' } })).slice(0, 400),
      'format.packed file',
    ],
    [
      'a packed file that unpacks without end',
      () => zipSync({ 'score.xml': new Uint8Array(30_000_000) }),
      'format.size file',
    ],
    ['ten megabytes and more', () => strToU8(xml() + ' '.repeat(10_000_001)), 'format.size file'],
  ])('%s is refused by name', (_, file, words) => {
    const bytes = file()
    expect(refused(() => found(bytes))).toBe(words)
  })

  it('is refused, or read, whatever is cut out of a file or changed in it', () => {
    const whole = [strToU8(xml()), midi(), bytesOf('mxl', bundleOf({ material: { tonic: 'C', kind: 'major' } }))]
    fc.assert(
      fc.property(fc.nat(2), fc.nat(), fc.nat(60), fc.uint8Array({ maxLength: 8 }), (which, at, cut, other) => {
        const bytes = [...whole[which]!]
        bytes.splice(at % bytes.length, cut, ...other)
        expect(refused(() => found(Uint8Array.from(bytes)))).toMatch(/^(taken|format\.)/)
      }),
      { numRuns: runs(60) },
    )
  })

  it('a lie about its size in a packed file unpacks no more than it says', () => {
    const packed = bytesOf('mxl', bundleOf({ material: { tonic: 'C', kind: 'major' } }))
    expect(Object.keys(unzipSync(packed))).toEqual(['mimetype', 'META-INF/container.xml', 'score.musicxml'])
    // the length unpacked, in the directory at the end, says 16
    const at = packed.findLastIndex((_, place) =>
      [0x50, 0x4b, 1, 2].every((byte, more) => packed[place + more] === byte),
    )
    const lying = Uint8Array.from(packed)
    lying.set([16, 0, 0, 0], at + 24)
    expect(refused(() => found(lying))).toMatch(/^format\./)
  })
})
