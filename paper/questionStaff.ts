import { layoutOf, type System } from '#engraving'
import type { Question } from '#core/worksheet'
import type { Faces } from './faces'
import { onlyLine } from './family'
import { circlePath, line, words } from './ink'
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

/** Pixels across a column. */
const PIXELS = 430
const NARROWEST = 8
const SIGNATURE_WIDTH = 190
const STAFF = 40

const middle = (text: string, x: number, y: number, size: number, faces: Faces, colour: string): Drawn =>
  words(text, x - faces.width(text, 'serif-bold', size) / 2, y, 'serif-bold', size, colour)

/** A line over each note to write its finger on. */
const blanks = ({ engraved }: Picture): Drawn[] =>
  engraved.fingers.map(({ x, y }) => line(`M${x - 7} ${y + 3}h14`, 0.9, { colour: SOFT }))

/** Between each two notes a line to write on, or what belongs there. */
function stepMarks(
  steps: readonly number[],
  picture: Picture,
  system: System,
  setting: StaffSetting,
  faces: Faces,
): Drawn[] {
  const y = Math.max(...picture.engraved.fingers.map(({ nameY }) => nameY ?? 0)) + 2
  return steps.flatMap((semitones, at) => {
    const x = (system.columns[at]! + system.columns[at + 1]!) / 2
    return [
      line(`M${x - 9} ${y + 3}h18`, 0.9, { colour: SOFT }),
      ...(setting.answers ? [middle(setting.words.step(semitones), x, y, 13, faces, MET)] : []),
    ]
  })
}

/** A ring around the finger of each of some notes. */
const rings = (ringed: readonly number[], { engraved }: Picture): Drawn[] =>
  engraved.fingers
    .filter(({ index }) => ringed.includes(index))
    .map(({ x, y }) => line(circlePath(x, y - 5, 9.5), 1.6, { colour: MET }))

/** What stands on a staff before anybody writes on it, and what is to be written where answers are wanted. */
function onStaff(staff: Staff, picture: Picture, system: System, setting: StaffSetting, faces: Faces): Drawn[] {
  const { engraved, drawn } = picture
  const { clef } = system.staves[0]!.writing[0]!
  const place = { x: system.left, y: engraved.top, width: system.right - system.left }
  const shown = staff.notes === 'given' || setting.answers ? drawn : emptyPicture(place, { clef, fifths: 0 })
  return [
    ...shown,
    ...(staff.marks === 'asked' ? blanks(picture) : []),
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

/** The staff of a question in its column, in points. */
export function staffPicture(
  question: Question,
  staff: Staff,
  setting: StaffSetting,
  faces: Faces,
  width: number,
): { readonly height: number; readonly drawn: readonly Drawn[] } {
  const points = width / PIXELS
  const brought = ({ height, drawn }: { height: number; drawn: readonly Drawn[] }) => ({
    height: height * points,
    drawn: drawn.map((one) => placed(one, 0, 0, points)),
  })
  if (staff.signature === 'asked') return brought(signatureStaff(question, setting))
  const study = onlyLine(question.study, question.player)
  // an octave is not long enough for a metre of its own to be said
  const system = { ...layoutOf(study, PIXELS, { narrowest: NARROWEST })[0]!, first: false }
  const fingered = staff.ringed !== null || (staff.marks === 'asked' && setting.answers)
  const picture = systemPicture(study, system, faces, {
    ...{ heads: [], grips: false, wanted: () => fingered },
    nameOf: staff.steps ? () => '' : null,
  })
  return brought({ height: picture.engraved.height, drawn: onStaff(staff, picture, system, setting, faces) })
}
