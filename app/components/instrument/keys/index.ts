import { defineAsyncComponent } from 'vue'
import InstrumentChoice from '~/components/desk/InstrumentChoice.vue'
import type { FamilyView } from '../view'
import HandsChoice from './HandsChoice.vue'
import PianoMap from './PianoMap.vue'
import SchoolChoice from './SchoolChoice.vue'
import StairChart from './StairChart.vue'
import TouchChoice from './TouchChoice.vue'

const HEIGHT = { one: 224, several: 216 }

/** Keys under fingers. */
const view: FamilyView = {
  plays: 'fingers',
  Players: HandsChoice,
  Strokes: TouchChoice,
  Last: InstrumentChoice,
  over: () => null,
  under: () => null,
  Stair: StairChart,
  stairHeight: (systems) => (systems > 1 ? HEIGHT.several : HEIGHT.one),
  Map: PianoMap,
  Beside: null,
  Schools: SchoolChoice,
  Settings: defineAsyncComponent(() => import('./PupilFields.vue')),
}
export default view
