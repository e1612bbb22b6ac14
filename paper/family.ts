import type { System } from '#engraving'
import type { Player } from '#core/instrument'
import type { ChordHabit } from '#core/surface'
import { playersIn, type RealisedStudy } from '#core/realise'
import { accordionOf, fingeredOf, fingersOf, onButtons, sticksOf } from '#pictures'
import { bellowsOver } from './bellows'
import { accordionMap, barsMap, buttonStrip, type MapPicture, pianoMap } from './maps'
import type { Drawn } from './page'
import { ringingUnder } from './ringing'
import { bassLane, fingerStair, stickStair } from './stairs'

/** What paper draws of a family of instruments beyond its notes. Lengths in pixels of a system. */
interface FamilyPictures {
  /** What stands over every system, and how much room it wants; null where there is nothing. */
  readonly over: ((study: RealisedStudy, system: System) => { height: number; drawn: readonly Drawn[] }) | null
  /** The same under every system. */
  readonly under: ((study: RealisedStudy, system: System) => { height: number; drawn: readonly Drawn[] }) | null
  readonly stair: (study: RealisedStudy, system: System, height: number) => readonly Drawn[]
  /** The instrument with what is played on it; null where paper has no picture of it. */
  readonly map: ((study: RealisedStudy, width: number, chords: ChordHabit) => MapPicture) | null
  /** What stands under a row of a chart of fingerings, and on a card; null where figures say all. */
  readonly strip: ((study: RealisedStudy, width: number) => MapPicture | null) | null
  /** The same with the line of one player alone. */
  readonly alone: (study: RealisedStudy, player: Player) => RealisedStudy
}

const LANE = 84

/** The pictures of each family, by its tag. */
const FAMILIES: Readonly<Record<RealisedStudy['plays'], FamilyPictures>> = {
  fingers: {
    over: null,
    under: null,
    stair: (study, system, height) => fingerStair(fingersOf(study), system, height),
    map: (study, width) => pianoMap(fingersOf(study), width),
    strip: null,
    alone: (study, player) => {
      const { hands, ...rest } = fingersOf(study)
      const own = Object.fromEntries(Object.entries(hands).filter(([hand]) => hand === player))
      return { ...rest, hands: own, together: undefined } as unknown as RealisedStudy
    },
  },
  sticks: {
    over: null,
    under: (study, system) => ringingUnder(sticksOf(study), system),
    stair: (study, system, height) => stickStair(study, system, height),
    map: barsMap,
    strip: null,
    alone: (study) => study,
  },
  accordion: {
    over: (study, system) => bellowsOver(accordionOf(study), system),
    under: null,
    stair: (study, system, height) => {
      const own = accordionOf(study)
      const fingered = own.hands.right ?? own.hands.left
      const lane = own.bass ? (fingered ? LANE : height) : 0
      const above = height - lane
      return [
        ...(fingered ? fingerStair(fingeredOf(own), system, above, onButtons(own)) : []),
        ...bassLane(own, system, above, lane),
      ]
    },
    map: (study, width, chords) => accordionMap(accordionOf(study), width, chords),
    strip: (study, width) => buttonStrip(accordionOf(study), width),
    alone: (study, player) => {
      const { bass, hands, ...rest } = accordionOf(study)
      const { left, right } = hands
      const own = player === 'left' ? { bass, hands: left ? { left } : {} } : { hands: right ? { right } : {} }
      return { ...rest, ...own } as unknown as RealisedStudy
    },
  },
}

export const picturesOf = ({ plays }: RealisedStudy): FamilyPictures => FAMILIES[plays]

/** A study with the line of one player alone, where that player has one among others. */
export const onlyLine = (study: RealisedStudy, player: Player): RealisedStudy =>
  playersIn(study).length > 1 && playersIn(study).includes(player) ? picturesOf(study).alone(study, player) : study
