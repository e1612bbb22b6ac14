import type { Message } from '#core/message'
import type { RealisedStudy } from '#core/realise'
import type { PaperSize, SheetWords } from '#paper'
import type { Code } from '#words'
import type { Wording } from '../wording'

/** What each family's players should be told besides the usual cautions. */
const OWN: Readonly<Record<RealisedStudy['plays'], readonly Message<Code>[]>> = {
  fingers: [],
  sticks: [{ code: 'mallets.words.loud' }],
  accordion: [{ code: 'accordion.legend', params: { signs: 'arrows' } }, { code: 'accordion.caution.paper' }],
}

function cautionOf(w: Wording, families: readonly RealisedStudy['plays'][]): string {
  const all: Message<Code>[] = [
    { code: 'print.caution.start' },
    ...[...new Set(families)].flatMap((plays) => OWN[plays]),
    { code: 'print.caution.stop' },
  ]
  return all.map((each) => w.format(each).trim()).join(' ')
}

/**
 * What every sheet has: its size, its title, the place for a name and a date, cautions for those who play from it.
 * @param families whose players play from it; `theory` where nobody does
 */
export function leafOf(
  w: Wording,
  paper: PaperSize,
  title: string,
  families: readonly RealisedStudy['plays'][] | 'theory' = [],
  name?: string,
): { readonly paper: PaperSize; readonly words: SheetWords } {
  const words = {
    ...{ title, caution: families === 'theory' ? '' : cautionOf(w, families), date: w.text('print.sheet.date') },
    name: name ?? w.text('print.sheet.name'),
    page: (at: number, of: number) => w.text('print.sheet.page', { at, of }),
  }
  return { paper, words }
}
