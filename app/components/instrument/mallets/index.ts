import { defineAsyncComponent } from 'vue'
import { ringingRoom, sticksOf } from '#pictures'
import type { FamilyView } from '../view'
import RingingLine from './RingingLine.vue'

const HEIGHT = 168

/** Bars under sticks: their pictures are fetched when there are sticks to draw. */
const view: FamilyView = {
  plays: 'sticks',
  Players: defineAsyncComponent(() => import('./LeadChoice.vue')),
  Strokes: defineAsyncComponent(() => import('./StrokesChoice.vue')),
  Last: defineAsyncComponent(() => import('./RingChoice.vue')),
  over: () => null,
  under: (study) => {
    const { height } = ringingRoom(sticksOf(study))
    return height > 0 ? { picture: RingingLine, height } : null
  },
  Stair: defineAsyncComponent(() => import('./StickStair.vue')),
  stairHeight: () => HEIGHT,
  Map: defineAsyncComponent(() => import('./BarMap.vue')),
  Beside: null,
  Schools: defineAsyncComponent(() => import('./StickingChoice.vue')),
  Settings: defineAsyncComponent(() => import('./PupilFields.vue')),
}
export default view
