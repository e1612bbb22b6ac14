import type { RealisedStudy } from '#core/realise'
import type { FamilyView } from './view'

/**
 * Pictures and words of the instruments, a folder to a family. A new one is found by its folder; nothing outside knows
 * any of them.
 */
export type { FamilyView, FamilyWords } from './view'
export { wordsFor, wordsOf } from './words'

const found = import.meta.glob<{ default: FamilyView }>('./*/index.ts', { eager: true })
const VIEWS = new Map<string, FamilyView>(Object.values(found).map(({ default: view }) => [view.plays, view]))

/** What the page shows of a family. @throws TypeError where its folder is missing */
export function viewOfPlays(plays: string): FamilyView {
  const view = VIEWS.get(plays)
  if (view) return view
  throw new TypeError(`There is no folder for what plays ${plays}.`)
}

export const viewOf = ({ plays }: Pick<RealisedStudy, 'plays'>): FamilyView => viewOfPlays(plays)
