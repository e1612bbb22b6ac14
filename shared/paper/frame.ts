import type { Message } from '#core/message'
import { familyOf } from '#core/instrument'
import type { ChordHabit } from '#core/surface'
import { lineFor, playersIn, type RealisedStudy } from '#core/realise'
import type { PaperSize, SheetWords } from '#paper'
import type { Code } from '#words'
import type { Wording } from '../wording'

/** What is told of chords where they stand as signs. */
const CHORD_SIGNS_TOLD = 'accordion.legend.chords'

/** What each family's players should be told besides the usual cautions. */
const OWN: Readonly<Record<RealisedStudy['plays'], readonly Message<Code>[]>> = {
  fingers: [],
  sticks: [{ code: 'mallets.words.loud' }],
  accordion: [
    { code: 'accordion.legend', params: { signs: 'arrows' } },
    { code: CHORD_SIGNS_TOLD },
    { code: 'accordion.caution.paper' },
  ],
}

/** What signs mean that only some studies have. */
export function strokesTold(studies: readonly RealisedStudy[]): Message<Code>[] {
  const strokes = studies.flatMap((study) =>
    playersIn(study).flatMap((player) =>
      lineFor(study, player).notes.flatMap((_, index) => familyOf(study.recipe).strokeMarksAt(study, index)),
    ),
  )
  const has = (mark: 'dead' | 'damp'): 'yes' | 'no' => (strokes.includes(mark) ? 'yes' : 'no')
  return strokes.length > 0 ? [{ code: 'mallets.legend', params: { dead: has('dead'), damp: has('damp') } }] : []
}

function cautionOf(
  w: Wording,
  families: readonly RealisedStudy['plays'][],
  { signs = [], chords = 'signs' }: Legend,
): string {
  const all: Message<Code>[] = [
    { code: 'print.caution.start' },
    ...signs,
    ...[...new Set(families)].flatMap((plays) => OWN[plays]),
    { code: 'print.caution.stop' },
  ]
  const told = all.filter(({ code }) => chords === 'signs' || code !== CHORD_SIGNS_TOLD)
  return told.map((each) => w.format(each).trim()).join(' ')
}

/** What is explained at the foot of a sheet: signs that only some studies have, and how chords are told. */
interface Legend {
  readonly signs?: readonly Message<Code>[]
  readonly chords?: ChordHabit
}

/**
 * What every sheet has: its size, its title, the place for a name and a date, cautions for those who play from it.
 * @param families whose players play from it; `theory` where nobody does
 * @param legend what signs mean that stand on it
 */
export function leafOf(
  w: Wording,
  paper: PaperSize,
  title: string,
  families: readonly RealisedStudy['plays'][] | 'theory' = [],
  name?: string,
  legend: Legend = {},
): { readonly paper: PaperSize; readonly words: SheetWords } {
  const words = {
    ...{
      title,
      caution: families === 'theory' ? '' : cautionOf(w, families, legend),
      date: w.text('print.sheet.date'),
    },
    name: name ?? w.text('print.sheet.name'),
    page: (at: number, of: number) => w.text('print.sheet.page', { at, of }),
  }
  return { paper, words }
}
