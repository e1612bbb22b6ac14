import { trebleOf } from '#core/surface'
import type { RealisedStudy } from '#core/realise'
import type { FingerStudy } from '../fingers/study'

/** A study that an accordion plays. */
export type AccordionStudy = Extract<RealisedStudy, { readonly plays: 'accordion' }>

/** A study that this family is handed is one of its own. */
export const accordionOf = (study: RealisedStudy): AccordionStudy => study as AccordionStudy

/** The hands that finger a line, as a chart of fingers takes them: the right one, and the left on a free bass. */
export const fingeredOf = ({ hands, plays: _, together: _met, bass: _bass, ...study }: AccordionStudy): FingerStudy =>
  ({ ...study, plays: 'fingers', hands }) as unknown as FingerStudy

/** Whether a line of a study is played on buttons: beside them, and beside keys and buttons together, no keyboard stands. */
export const onButtons = ({ hands, recipe }: AccordionStudy): boolean =>
  hands.left !== undefined || trebleOf(recipe.accordion.treble).plays === 'buttons'
