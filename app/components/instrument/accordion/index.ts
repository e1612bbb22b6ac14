import { defineAsyncComponent } from 'vue'
import type { FamilyView } from '../view'
import TouchChoice from '../keys/TouchChoice.vue'
import BellowsLine from './BellowsLine.vue'

const HEIGHT = { one: 224, several: 206 }
/** The line of the bellows and its word. */
const BELLOWS = 26

/** Reeds: a right hand on keys or buttons, a left on the bass board, bellows over both. */
const view: FamilyView = {
  plays: 'accordion',
  Players: defineAsyncComponent(() => import('./PartChoice.vue')),
  Strokes: TouchChoice,
  Last: defineAsyncComponent(() => import('./MakeChoice.vue')),
  over: () => ({ picture: BellowsLine, height: BELLOWS }),
  under: () => null,
  Stair: defineAsyncComponent(() => import('./AccordionStair.vue')),
  stairHeight: (systems) => (systems > 1 ? HEIGHT.several : HEIGHT.one),
  Map: defineAsyncComponent(() => import('./AccordionMap.vue')),
  Beside: defineAsyncComponent(() => import('./BoardBeside.vue')),
  Schools: defineAsyncComponent(() => import('./SchoolChoice.vue')),
  Settings: defineAsyncComponent(() => import('./PupilFields.vue')),
}
export default view
