import { defineAsyncComponent } from 'vue'
import type { FamilyView } from '../view'

const HEIGHT = 168

/** Bars under sticks: their pictures are fetched when there are sticks to draw. */
const view: FamilyView = {
  plays: 'sticks',
  Players: defineAsyncComponent(() => import('./LeadChoice.vue')),
  Strokes: defineAsyncComponent(() => import('./StrokesChoice.vue')),
  Last: null,
  over: () => null,
  Stair: defineAsyncComponent(() => import('./StickStair.vue')),
  stairHeight: () => HEIGHT,
  Map: defineAsyncComponent(() => import('./BarMap.vue')),
  Beside: null,
  Schools: defineAsyncComponent(() => import('./StickingChoice.vue')),
  Settings: defineAsyncComponent(() => import('./PupilFields.vue')),
}
export default view
