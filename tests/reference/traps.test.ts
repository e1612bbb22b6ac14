/**
 * Ambiguities of printed lists, each as a small syllabus graded by hand: common practice of boards, no single source.
 * The working stands beside each; lists and sets are made up.
 */
import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { expand, gradeSet, type Policies, DEFAULT_POLICIES } from '#core/syllabus'
import { entryOf, groupOf, listOf, listOfGrades, studyOf } from '../support/syllabi'
import { english, inEnglish } from '../support/english'

const MINORS = ['harmonic-minor', 'melodic-minor']
const countsFor = (list: ReturnType<typeof listOf>, studies: RecipeInput[], policies: Partial<Policies> = {}) => {
  const { required, covered, near, missing } = gradeSet(list, 'g', studies, { ...DEFAULT_POLICIES, ...policies })
  return [required, covered, near, missing]
}
const [H, M] = [(tonic: string) => studyOf(tonic, 'harmonic-minor'), (tonic: string) => studyOf(tonic, 'melodic-minor')]

describe('minor, harmonic or melodic: who chooses, and over what', () => {
  const minors = (some: object) => listOf(groupOf(entryOf({ keys: ['D', 'G', 'A'], kinds: MINORS, ...some })))

  it('for each key by itself: three are asked, and forms may differ', () => {
    expect(countsFor(minors({ chooser: 'candidate' }), [H('D'), M('G'), H('A')])).toEqual([3, 3, 0, 0])
  })

  it('one form for all keys: two harmonic and one melodic cover two; the third is near, its other form asked', () => {
    const list = minors({ chooser: 'candidate', scope: 'entry' })
    expect(countsFor(list, [H('D'), M('G'), H('A')])).toEqual([3, 2, 1, 0])
    // melodic would cover one only
    expect(english(gradeSet(list, 'g', [H('D'), M('G'), H('A')]).atoms[1]!.reasons)).toEqual([
      'harmonic minor asked, this is melodic minor',
    ])
  })

  it('one form for the whole exam: it binds the keys of two entries', () => {
    const two = listOf(
      groupOf(
        entryOf({ id: 'a', keys: ['D'], kinds: MINORS, chooser: 'candidate', scope: 'grade' }),
        entryOf({ id: 'b', keys: ['D'], octaves: 2, kinds: MINORS, chooser: 'candidate', scope: 'grade' }),
      ),
    )
    const [one, other] = [H('D'), { ...M('D'), octaves: 2 }]
    // harmonic: the first is covered, the second near by its form; melodic: two octaves cover the second and one is left over
    expect(countsFor(two, [one, other])).toEqual([2, 1, 1, 0])
    expect(countsFor(two, [one, { ...H('D'), octaves: 2 }])).toEqual([2, 2, 0, 0])
  })

  it('as the examiner asks: both forms of every key must be ready, six in all', () => {
    expect(countsFor(minors({ chooser: 'examiner' }), [H('D'), M('D'), H('G')])).toEqual([6, 3, 0, 3])
  })
})

describe('hands', () => {
  const hands = (which: string) => listOf(groupOf(entryOf({ hands: which })))
  const [right, left, both] = (['right', 'left', 'together'] as const).map((each) =>
    studyOf('C', 'major', { hands: each }),
  )

  it('separately: each hand counts, and together does not stand for them unless the teacher says so', () => {
    expect(countsFor(hands('separate'), [right!, left!])).toEqual([2, 2, 0, 0])
    expect(countsFor(hands('separate'), [both!])).toEqual([2, 0, 1, 1])
    expect(countsFor(hands('separate'), [both!], { togetherForSeparate: true })).toEqual([2, 2, 0, 0])
  })
  it('either: one hand serves', () => expect(countsFor(hands('either'), [left!])).toEqual([1, 1, 0, 0]))
  it('each and together: three; together may stand for all of them', () => {
    expect(countsFor(hands('each'), [right!, left!, both!])).toEqual([3, 3, 0, 0])
    expect(countsFor(hands('each'), [both!], { togetherForSeparate: true })).toEqual([3, 3, 0, 0])
  })
  it('together: never met by the hands apart', () => {
    expect(countsFor(hands('together'), [right!, left!], { togetherForSeparate: true })).toEqual([1, 0, 1, 0])
  })
})

describe('motion and distance', () => {
  const contrary = studyOf('C', 'major', { motion: 'contrary', contraryFrom: 'octave' })
  it.each([
    [null, 1],
    ['octave', 1],
    ['unison', 0],
  ])('contrary motion from %s', (contraryFrom, covered) => {
    const list = listOf(groupOf(entryOf({ motion: 'contrary', contraryFrom })))
    expect(gradeSet(list, 'g', [contrary])).toMatchObject({ covered, near: 1 - covered })
  })

  const sixth = studyOf('C', 'major', { interval: 'sixth', tonicHand: 'right' })
  it.each([
    [{ interval: 'sixth' }, []],
    [{ interval: 'sixth', tonicHand: 'right' }, []],
    [{ interval: 'sixth', tonicHand: 'left' }, ['left hand on the tonic asked, this has the right']],
    [{ interval: 'third' }, ['hands a third apart asked, these lie a sixth apart']],
    [{}, ['hands an octave apart asked, these lie a sixth apart']],
  ])('a sixth apart beside %j', (some, reasons) => {
    expect(english(gradeSet(listOf(groupOf(entryOf(some))), 'g', [sixth]).atoms[0]!.reasons)).toEqual(reasons)
  })
})

describe('keys', () => {
  it('chromatic from any note: twelve where the examiner names it, one where the candidate does', () => {
    const starts = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B']
    const list = (some: object) => listOf(groupOf(entryOf({ keys: starts, kinds: ['chromatic'], ...some })))
    const one = [studyOf('G', 'chromatic')]
    expect(countsFor(list({}), one)).toEqual([12, 1, 0, 11])
    expect(countsFor(list({ pick: 1 }), one)).toEqual([1, 1, 0, 0])
  })

  it('any two keys, hands separately: two keys with both hands each, not any two hands', () => {
    const list = listOf(groupOf(entryOf({ keys: ['C', 'G', 'D'], pick: 2, hands: 'separate' })))
    const of = (tonic: string) => (['right', 'left'] as const).map((hands) => studyOf(tonic, 'major', { hands }))
    // C whole, G right only, D none: C and G are taken, one hand is missing
    expect(countsFor(list, [...of('C'), of('G')[0]!])).toEqual([4, 3, 0, 1])
    expect(countsFor(list, [...of('C'), ...of('D')])).toEqual([4, 4, 0, 0])
  })

  it('up to four sharps and flats: majors and minors by their own signatures, C and A minor among them', () => {
    const tonics = (kinds: string[]) =>
      expand(listOf(groupOf(entryOf({ keys: { sharps: 4, flats: 4 }, kinds }))).grades[0]!).map(({ tonic }) => tonic)
    expect(tonics(['major'])).toEqual(['Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E'])
    expect(tonics(['harmonic-minor'])).toEqual(['F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#'])
  })

  it('arpeggios of the above keys: major for major, minor for minor, root position only', () => {
    const list = listOf(
      groupOf(
        entryOf({ id: 'a', keys: { sharps: 1, flats: 0 }, kinds: ['major', 'harmonic-minor'] }),
        entryOf({ id: 'b', keys: { as: 'a' }, kinds: ['major-arpeggio', 'minor-arpeggio'] }),
      ),
    )
    const words = expand(list.grades[0]!).map((atom) => inEnglish(atom.words).split(',')[0])
    expect(words.slice(4)).toEqual(['C major arpeggio', 'G major arpeggio', 'A minor arpeggio', 'E minor arpeggio'])
    const inverted = { material: { tonic: 'C', kind: 'major-arpeggio', inversion: 1 }, octaves: 1 }
    expect(english(gradeSet(list, 'g', [inverted]).atoms[4]!.reasons)).toEqual([
      'root position asked, this is first inversion',
    ])
  })

  it('B flat and A sharp minor are the same keys to play', () => {
    const list = listOf(groupOf(entryOf({ keys: ['Bb'], kinds: ['harmonic-minor'] })))
    expect(countsFor(list, [H('A#')])).toEqual([1, 1, 0, 0])
  })

  it('a dominant seventh of C stands on G; one on C stands on C', () => {
    const list = (seventh: string) => listOf(groupOf(entryOf({ kinds: ['dominant-seventh-arpeggio'], seventh })))
    const [onC, onG] = ['C', 'G'].map((tonic) => studyOf(tonic, 'dominant-seventh-arpeggio'))
    expect([countsFor(list('of'), [onG!]), countsFor(list('of'), [onC!])]).toEqual([
      [1, 1, 0, 0],
      [1, 0, 0, 1],
    ])
    expect(countsFor(list('on'), [onC!])).toEqual([1, 1, 0, 0])
  })
})

describe('touch and tempo', () => {
  const touches = (touchChooser: string) =>
    listOf(groupOf(entryOf({ articulations: ['legato', 'staccato'], touchChooser })))
  const [legato, staccato] = (['legato', 'staccato'] as const).map((articulation) =>
    studyOf('C', 'major', { articulation }),
  )

  it('legato or staccato: one serves where the candidate chooses, both must be ready where the examiner does', () => {
    expect(countsFor(touches('candidate'), [staccato!])).toEqual([1, 1, 0, 0])
    expect(countsFor(touches('examiner'), [staccato!])).toEqual([2, 1, 0, 1])
    expect(countsFor(touches('both'), [legato!, staccato!])).toEqual([2, 2, 0, 0])
  })

  it('a list that names no touch takes any, or legato only', () => {
    expect(countsFor(listOf(groupOf(entryOf())), [staccato!])).toEqual([1, 1, 0, 0])
    expect(countsFor(listOf(groupOf(entryOf())), [staccato!], { anyTouch: false })).toEqual([1, 0, 1, 0])
  })

  it('a minim at 60 in quavers is 240 notes a minute, not 120', () => {
    const list = listOf(groupOf(entryOf({ tempo: { beat: 'half', bpm: 60, notesPerBeat: 4 } })))
    const at = (bpm: number) => studyOf('C', 'major', { tempo: { bpm, notesPerBeat: 2 } })
    expect(english(gradeSet(list, 'g', [at(60)]).atoms[0]!.reasons)).toEqual(['120 of 240 notes a minute'])
    expect(countsFor(list, [at(120)])).toEqual([1, 1, 0, 0])
  })

  it('more octaves and a faster tempo count, unless the teacher says otherwise; a limit holds', () => {
    const list = listOf(groupOf(entryOf()))
    const more = [studyOf('C', 'major', { octaves: 2, tempo: { bpm: 90 } })]
    expect(countsFor(list, more)).toEqual([1, 1, 0, 0])
    expect(
      english(
        gradeSet(list, 'g', more, { ...DEFAULT_POLICIES, moreOctaves: false, fasterTempo: false }).atoms[0]!.reasons,
      ),
    ).toEqual(['two octaves, just 1 asked', '180 notes a minute, just 120 asked'])
    const limited = listOf(groupOf(entryOf({ tempo: { bpm: 60, notesPerBeat: 2, most: 72 } })))
    expect(english(gradeSet(limited, 'g', more).atoms[0]!.reasons)).toEqual(['180 notes a minute, 144 at the most'])
  })
})

describe('choices of a group', () => {
  const two = [
    entryOf({ id: 'thirds', keys: ['C', 'G'], interval: 'third' }),
    entryOf({ id: 'sixths', keys: ['C', 'G'], interval: 'sixth' }),
  ]
  const [third, sixth] = (['third', 'sixth'] as const).map(
    (interval) => (tonic: string) => studyOf(tonic, 'major', { interval }),
  )

  it('one of two lines: all of its keys, not one key of each', () => {
    const list = listOf({ ...groupOf(...two), rule: { any: 1, of: 'entries' } })
    // thirds in C and sixths in G: either line has one of its two, the other half near by the distance
    expect(countsFor(list, [third!('C'), sixth!('G')])).toEqual([2, 1, 1, 0])
    expect(countsFor(list, [sixth!('C'), sixth!('G')])).toEqual([2, 2, 0, 0])
  })

  it('any key, with all that is asked in it', () => {
    const list = listOf({ ...groupOf(...two), rule: { any: 1, of: 'keys' } })
    expect(countsFor(list, [third!('G'), sixth!('G')])).toEqual([2, 2, 0, 0])
    expect(gradeSet(list, 'g', [third!('G'), sixth!('G')]).atoms.map(({ status }) => status)).toEqual([
      'not-needed',
      'covered',
      'not-needed',
      'covered',
    ])
  })

  it('of choices of unequal length the one that leaves least open', () => {
    const list = listOf({
      ...groupOf(entryOf({ id: 'long', keys: ['C', 'G', 'D'] }), entryOf({ id: 'short', keys: ['F'] })),
      rule: { any: 1, of: 'entries' },
    })
    // C and G cover two of three, F covers one of one: nothing is open then
    const studies = ['C', 'G', 'F'].map((tonic) => studyOf(tonic, 'major'))
    expect(countsFor(list, studies)).toEqual([1, 1, 0, 0])
  })

  it('a grade that includes another asks for both, each its own study', () => {
    const list = listOfGrades(
      { id: 'a', title: 'A', groups: [groupOf(entryOf({ id: 'one' }))] },
      { id: 'g', title: 'G', includes: 'a', groups: [groupOf(entryOf({ id: 'one', octaves: 2 }))] },
    )
    expect(countsFor(list, [studyOf('C', 'major', { octaves: 2 })])).toEqual([2, 1, 0, 1])
    expect(gradeSet(list, 'g', []).atoms.map(({ id }) => id)).toEqual([
      'a:one/C/major/together',
      'one/C/major/together',
    ])
  })
})
