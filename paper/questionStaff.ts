import { layoutOf, type System } from '#engraving'
import type { Question } from '#core/worksheet'
import type { Faces } from './faces'
import { onlyLine } from './family'
import { boxPath, circlePath, line, words } from './ink'
import { MET, SOFT } from './inks'
import type { Drawn } from './page'
import { placed } from './place'
import { emptyPicture, type Picture, systemPicture } from './system'

type Staff = NonNullable<Question['staff']>
/** What a staff takes from its sheet. */
interface StaffSetting {
  readonly answers: boolean
  readonly words: { readonly step: (semitones: number) => string }
}

/** Pixels of a staff to the point: what a child writes on is large. */
const PIXELS_A_POINT = 1.76
const NARROWEST = 8
const SIGNATURE_WIDTH = 190
const STAFF = 40

const middle = (text: string, x: number, y: number, size: number, faces: Faces, colour: string): Drawn =>
  words(text, x - faces.width(text, 'serif-bold', size) / 2, y, 'serif-bold', size, colour)

/** Eight millimetres, the side of a box that a child can write in, and what stands free round it, in pixels. */
const BOX = (8 * 72 * PIXELS_A_POINT) / 25.4
const BOX_AIR = 6
/** A box never takes more than this of the room from one note to the next. */
const BOX_SHARE = 0.92

/** A box for each place, all on one line, away from the staff. @param edge the side that is next to the staff */
function boxes(columns: readonly number[], edge: number, above: boolean): Drawn[] {
  const apart = Math.min(...columns.slice(1).map((x, at) => x - columns[at]!))
  const side = Math.min(BOX, BOX_SHARE * apart)
  const top = above ? edge - BOX_AIR - BOX : edge + BOX_AIR
  return columns.map((x) => line(boxPath(x - side / 2, top, side, BOX), 0.9, { colour: SOFT }))
}

/** A box at each note to write its finger in: over a right hand, under a left. */
function blanks({ engraved }: Picture, player: Question['player']): Drawn[] {
  const columns = engraved.fingers.map(({ x }) => x)
  const ys = engraved.fingers.map(({ y }) => y)
  const above = player !== 'left'
  return boxes(columns, above ? Math.min(...ys) + 4 : Math.max(...ys) - 13, above)
}

/** Between each two notes a box to write in, and what belongs there. */
function stepMarks(
  steps: readonly number[],
  picture: Picture,
  system: System,
  setting: StaffSetting,
  faces: Faces,
): Drawn[] {
  const y = Math.max(...picture.engraved.fingers.map(({ nameY }) => nameY ?? 0)) - 10
  const middles = steps.map((_, at) => (system.columns[at]! + system.columns[at + 1]!) / 2)
  const answers = steps.map((semitones, at) =>
    middle(setting.words.step(semitones), middles[at]!, y + BOX_AIR + BOX / 2 + 5, 15, faces, MET),
  )
  return [...boxes(middles, y, false), ...(setting.answers ? answers : [])]
}

/** A ring around the finger of each of some notes. */
const rings = (ringed: readonly number[], { engraved }: Picture): Drawn[] =>
  engraved.fingers
    .filter(({ index }) => ringed.includes(index))
    .map(({ x, y }) => line(circlePath(x, y - 5, 9.5), 1.6, { colour: MET }))

/** A system of which only the first notes stand; the others have their places. */
const begunOf = (system: System, begun: number): System => ({
  ...system,
  staves: system.staves.map((plan) => ({
    ...plan,
    chords: plan.chords.map((chord, at) => (at < begun ? chord : [])),
    // no rest stands where something is to be written
    held: plan.held.map((held, at) => held || at >= begun),
  })),
})

/** What stands on a staff before anybody writes on it, and what is to be written where answers are wanted. */
function onStaff(
  staff: Staff,
  player: Question['player'],
  picture: Picture,
  system: System,
  setting: StaffSetting,
  faces: Faces,
): Drawn[] {
  const { engraved, drawn } = picture
  const { clef } = system.staves[0]!.writing[0]!
  const place = { x: system.left, y: engraved.top, width: system.right - system.left }
  const stands = staff.notes === 'given' || staff.notes === 'begun'
  const shown = stands || setting.answers ? drawn : emptyPicture(place, { clef, fifths: 0 })
  return [
    ...shown,
    ...(staff.marks === 'asked' && !setting.answers ? blanks(picture, player) : []),
    ...(staff.steps ? stepMarks(staff.steps, picture, system, setting, faces) : []),
    ...(staff.ringed && setting.answers ? rings(staff.ringed, picture) : []),
  ]
}

/** A staff with its clef only, on which a signature is written. */
function signatureStaff({ study, player }: Question, setting: StaffSetting): { height: number; drawn: Drawn[] } {
  const signed = {
    clef: player === 'left' ? 'bass' : 'treble',
    fifths: setting.answers ? study.keySignature.fifths : 0,
  } as const
  return { height: STAFF + 44, drawn: emptyPicture({ x: 6, y: 22, width: SIGNATURE_WIDTH }, signed) }
}

/** Whether something is written at every note, for which a staff takes the whole line. */
export const isWide = ({ staff }: Question): boolean =>
  staff !== null &&
  staff.signature !== 'asked' &&
  (staff.marks === 'asked' || staff.steps !== null || staff.notes === 'begun')

/** The staff of a question in its column, in points. */
export function staffPicture(
  question: Question,
  staff: Staff,
  setting: StaffSetting,
  faces: Faces,
  width: number,
): { readonly height: number; readonly drawn: readonly Drawn[] } {
  const points = 1 / PIXELS_A_POINT
  const brought = ({ height, drawn }: { height: number; drawn: readonly Drawn[] }) => ({
    height: height * points,
    drawn: drawn.map((one) => placed(one, 0, 0, points)),
  })
  if (staff.signature === 'asked') return brought(signatureStaff(question, setting))
  const study = onlyLine(question.study, question.player)
  // an octave is not long enough for a metre of its own to be said
  const whole = { ...layoutOf(study, width * PIXELS_A_POINT, { narrowest: NARROWEST })[0]!, first: false }
  const system = staff.notes === 'begun' && !setting.answers ? begunOf(whole, staff.begun ?? 0) : whole
  const fingered = staff.ringed !== null || (staff.marks === 'asked' && setting.answers)
  const picture = systemPicture(study, system, faces, {
    ...{ heads: [], grips: false, wanted: () => fingered },
    nameOf: staff.steps ? () => '' : null,
  })
  // boxes stand beyond what the engraving knows of
  const boxed = BOX + 2 * BOX_AIR
  const over = staff.marks === 'asked' && !setting.answers && question.player !== 'left' ? boxed : 0
  const under = (staff.marks === 'asked' && !setting.answers && over === 0) || staff.steps ? boxed : 0
  const drawn = onStaff(staff, question.player, picture, system, setting, faces)
  return brought({
    height: picture.engraved.height + over + under,
    drawn: drawn.map((one) => placed(one, 0, over, 1)),
  })
}
