import { type RenderContext, StaveConnector } from 'vexflow/core'
import type { RealisedStudy } from '#core/realise'
import type { Player } from '#core/instrument'
import { CHORD_SIGNS, chordName } from '#core/surface'
import type { PlacedNote, StaffPlan, System } from './layout'
import { keepMetricsFlat } from './flatMetrics'
import { inkOf, signsExtent, type Staff, staffOf } from './staffNotes'

keepMetricsFlat()

/** Where a finger number or a stick's letter stands: middle of its baseline. */
export interface FingerSpot {
  readonly hand: Player
  /** The note in its hand's line, and the step at which it sounds. */
  readonly index: number
  readonly step: number
  /** Baseline of a footnote letter, beyond all fingers of the step. */
  readonly letterY: number
  /** Baseline of the note's name, between the staves; null where names are not shown. */
  readonly nameY: number | null
  readonly x: number
  readonly y: number
}

/** An octave sign over or under a stretch of notes. */
interface OttavaLine {
  readonly label: '8va' | '8vb'
  readonly from: number
  readonly to: number
  readonly y: number
}

/** What was drawn, as the page's own layer needs it. */
export interface Engraved {
  readonly height: number
  readonly fingers: readonly FingerSpot[]
  readonly ottavas: readonly OttavaLine[]
  /** Chord signs over notes that stand for chords. */
  readonly signs: readonly { readonly x: number; readonly y: number; readonly text: string; readonly name: string }[]
  /** Heads that ring on under what follows: where the short curve beside each begins. */
  readonly rings: readonly { readonly x: number; readonly y: number }[]
  /** What stands beneath notes: names or degrees of chords. */
  readonly labels: readonly { readonly x: number; readonly y: number; readonly text: string }[]
  readonly clefs: readonly { readonly x: number; readonly y: number; readonly clef: 'treble' | 'bass' }[]
  /** Top and bottom line of the system. */
  readonly top: number
  readonly bottom: number
}

const FINGER_UP = 5
/** Clear of the staff, and of the flag of the note before. */
const FINGER_DOWN = 15.5
const FINGER_HEIGHT = 13
/** From one finger to the next where several stand over one another. */
const STACK = 14
/** How wide the sign itself is, and what its line takes. */
const OTTAVA_SIGN = 26
const OTTAVA_ROOM = 16
const MARGIN = 6
/** Footnote letters stand beyond the fingers. */
const LETTER = 18
/** A line of note names, and what a section's words take over the system. */
const ACCENT = 13
const NAME = 14
const HEAD = 18
/** A figure over or under three or six notes. */
const TRIPLET = 23
const STAFF = 40
const SIGN = 14
/** How a bass staff writes its chords, in the usual manner; and a scale that is not to be read as basses and chords. */
const SOLO = 'B.S.'
const signOf = ({ chord, solo }: PlacedNote): string | null => (chord ? CHORD_SIGNS[chord] : solo ? SOLO : null)
/** The same for those who read chords by their names. */
const nameOf = (note: PlacedNote): string => (note.chord ? chordName(note.pitch, note.chord) : SOLO)
const hasSigns = (plan: StaffPlan): boolean => plan.chords.some((notes) => notes.some(signOf))
/** A line of labels beneath a staff. */
const LABEL = 20
const hasLabels = (plan: StaffPlan): boolean => plan.chords.some((notes) => notes.some(({ label }) => label))
const MIN_GAP = 34

/** What is to stand with the notes. */
export interface Shown {
  /** Footnote letters beyond the fingers. */
  readonly letters: boolean
  /** Names of the notes, between the staves. */
  readonly names: boolean
  /** Words over the system. */
  readonly head: boolean
  /** Pixels over the system that an instrument wants for signs of its own. */
  readonly over: number
  /** The same under it. */
  readonly under?: number
}

/** Ink of one staff with its fingers, relative to its top line at 0. */
interface Extent {
  readonly top: number
  readonly bottom: number
}

/**
 * Baselines of a step's fingers on its own staff, whose top line lies at 0; lowest note first. Fingers stand over one
 * another as the notes do.
 */
function fingerYs(plan: StaffPlan, staff: Staff, at: number): number[] {
  const count = plan.chords[at]!.length
  if (count === 0) return []
  const ink = inkOf(staff.notes[at]!)
  const nearest = plan.hand !== 'left' ? Math.min(ink.top, 0) - FINGER_UP : Math.max(ink.bottom, STAFF) + FINGER_DOWN
  return Array.from({ length: count }, (_, voice) =>
    plan.hand !== 'left' ? nearest - STACK * voice : nearest + STACK * (count - 1 - voice),
  )
}

const allFingers = (plan: StaffPlan, staff: Staff): number[] =>
  plan.chords.flatMap((_, at) => fingerYs(plan, staff, at))

/** Ink of what stands at a step, if anything does. */
function inkAt(staff: Staff, at: number): Extent {
  const note = staff.notes[at]
  if (!note) return { top: 0, bottom: STAFF }
  const ink = inkOf(note)
  const accents = note.getModifiersByType('Articulation').length > 0 ? ACCENT : 0
  const signs = signsExtent(note)
  // an accent stands on the side away from the fingers
  const [over, under] = staff.hand !== 'left' ? [0, accents] : [accents, 0]
  return { top: Math.min(ink.top - over, signs.top), bottom: Math.max(ink.bottom + under, signs.bottom) }
}

/** Ink of the notes, without fingers and names. */
const notesExtent = (staff: Staff): Extent => {
  const inks = staff.notes.map((_, at) => inkAt(staff, at))
  return {
    top: Math.min(0, ...inks.map((ink) => ink.top)),
    bottom: Math.max(STAFF, ...inks.map((ink) => ink.bottom)),
  }
}

/** Notes struck at once at the most: so many lines of names. */
const nameLines = (plan: StaffPlan): number => Math.max(1, ...plan.chords.map((chord) => chord.length))

function extentOf(plan: StaffPlan, staff: Staff, shown: Shown): Extent {
  const letter = shown.letters ? LETTER : 0
  const names = (shown.names ? NAME * nameLines(plan) + 4 : 0) + (hasSigns(plan) ? SIGN : 0)
  const notes = notesExtent(staff)
  const fingers = allFingers(plan, staff)
  const ottava = plan.writing.some((writing) => writing.ottava !== 0) ? OTTAVA_ROOM : 0
  const triplet = staff.tuplets.length > 0 ? TRIPLET : 0
  const right = plan.hand !== 'left'
  const outer = right ? fingers.map((y) => y - FINGER_HEIGHT - letter) : fingers.map((y) => y + 3 + letter)
  const top = Math.min(notes.top, ...(right ? outer : [notes.top - names - triplet]))
  const bottom = Math.max(notes.bottom, ...(right ? [notes.bottom + names + triplet] : outer))
  return { top: top - ottava, bottom: bottom + ottava + (hasLabels(plan) ? LABEL : 0) }
}

function ottavasOf(plan: StaffPlan, staff: Staff, system: System, letter: number): OttavaLine[] {
  const lines: OttavaLine[] = []
  let start = 0
  plan.writing.forEach((writing, at) => {
    const next = plan.writing[at + 1]
    if (next?.ottava === writing.ottava) return
    if (writing.ottava !== 0) lines.push(ottavaLine(plan, staff, system, [start, at], letter))
    start = at + 1
  })
  return lines
}

function ottavaLine(
  plan: StaffPlan,
  staff: Staff,
  system: System,
  [first, last]: readonly [number, number],
  letter: number,
): OttavaLine {
  const up = plan.writing[first]!.ottava === 1
  const [from, to] = [system.columns[first]! - 8, system.columns[last]! + 10]
  // what stands beneath the sign, though it be written as it sounds
  const under = system.columns.flatMap((x, at) =>
    x > from - 12 && x < Math.max(to, from + OTTAVA_SIGN) + 8 ? [at] : [],
  )
  const among = under.map((at) => {
    const ink = inkAt(staff, at)
    const fingers = fingerYs(plan, staff, at)
    return up
      ? Math.min(ink.top, ...fingers.map((y) => y - FINGER_HEIGHT - letter))
      : Math.max(ink.bottom, ...fingers.map((y) => y + 3 + letter))
  })
  return {
    label: up ? '8va' : '8vb',
    from,
    to,
    y: up ? Math.min(...among) - 6 : Math.max(...among) + 12,
  }
}

/** What a system is drawn into. */
export interface Ink {
  /** Colour of all that is drawn. */
  readonly colour: string
  /** A context for so tall a picture, begun anew. */
  readonly context: (height: number) => RenderContext
  /** Moves what is drawn into a group down by so much. */
  readonly moveDown: (group: unknown, by: number) => void
}

/**
 * Draws one system with VexFlow. The engraving face must have been loaded.
 * @param shown what will stand with the notes and wants room
 */
export function engraveSystem(ink: Ink, study: RealisedStudy, system: System, shown: Shown): Engraved {
  const letter = shown.letters ? LETTER : 0
  const staves = system.staves.map((plan) => staffOf(study, system, plan))
  const extents = staves.map((staff, at) => extentOf(system.staves[at]!, staff, shown))
  const tops = topsOf(extents, (shown.head ? HEAD : 0) + shown.over)
  const height = Math.ceil(tops.at(-1)! + extents.at(-1)!.bottom + MARGIN + (shown.under ?? 0))
  // where things stand on their own staff is read before the staves move apart
  const fingers = staves.map((staff, at) => spotsOf(system.staves[at]!, staff, system, shown))
  const signs = staves.map((staff, at) => signsOf(system.staves[at]!, staff, system))
  const rings = staves.map((staff, at) => ringsOf(system.staves[at]!, staff, system))
  const labels = staves.map((_, at) => labelsOf(system.staves[at]!, extents[at]!, system))
  const ottavas = staves.map((staff, at) => ottavasOf(system.staves[at]!, staff, system, letter))
  drawStaves(ink, staves, tops, height)
  return {
    height,
    top: tops[0]!,
    bottom: tops.at(-1)! + STAFF,
    fingers: fingers.flatMap((spots, at) =>
      spots.map((spot) => ({
        ...spot,
        y: spot.y + tops[at]!,
        letterY: spot.letterY + tops[at]!,
        nameY: spot.nameY === null ? null : spot.nameY + tops[at]!,
      })),
    ),
    ottavas: ottavas.flatMap((lines, at) => lines.map((line) => ({ ...line, y: line.y + tops[at]! }))),
    signs: signs.flatMap((each, at) => each.map((sign) => ({ ...sign, y: sign.y + tops[at]! }))),
    rings: rings.flatMap((each, at) => each.map((ring) => ({ ...ring, y: ring.y + tops[at]! }))),
    labels: labels.flatMap((each, at) => each.map((label) => ({ ...label, y: label.y + tops[at]! }))),
    clefs: system.staves.flatMap((plan, at) =>
      plan.clefChanges.map(({ x, clef }) => ({ x, clef, y: tops[at]! + (clef === 'treble' ? 3 : 1) * (STAFF / 4) })),
    ),
  }
}

/** Where the fingers of a staff stand, its top line at 0; names keep to one line between the staves. */
function spotsOf(plan: StaffPlan, staff: Staff, system: System, shown: Shown): FingerSpot[] {
  const { hand } = plan
  const right = hand !== 'left'
  const notes = notesExtent(staff)
  const triplet = staff.tuplets.length > 0 ? TRIPLET : 0
  return plan.chords.flatMap((chord, at) => {
    const ys = fingerYs(plan, staff, at)
    const letterY = right ? Math.min(...ys) - 20 : Math.max(...ys) + 18
    return chord.flatMap(({ index, step, tied }, voice) => {
      if (tied?.from) return []
      const nearest = right ? notes.bottom + triplet + 12 : notes.top - triplet - 6 - (hasSigns(plan) ? SIGN : 0)
      const line = right ? chord.length - 1 - voice : voice
      const nameY = shown.names ? nearest + (right ? 1 : -1) * NAME * line : null
      return [{ hand, index, step, letterY, nameY, x: system.columns[at]!, y: ys[voice]! }]
    })
  })
}

/** Where chord signs stand, over the staff of the notes that they belong to. */
function signsOf(plan: StaffPlan, staff: Staff, system: System): Engraved['signs'] {
  const y = notesExtent(staff).top - 4
  return plan.chords.flatMap((notes, at) =>
    notes.flatMap((note) => {
      const text = signOf(note)
      return text ? [{ x: system.columns[at]!, y, text, name: nameOf(note) }] : []
    }),
  )
}

/** Beside a head, a little under it. */
const [RING_X, RING_Y] = [8, 5]
const ringsOf = (plan: StaffPlan, staff: Staff, system: System): Engraved['rings'] =>
  plan.chords.flatMap((notes, at) =>
    notes.flatMap(({ rings }, voice) => {
      const y = staff.notes[at]?.getYs()[voice]
      return rings && y !== undefined ? [{ x: system.columns[at]! + RING_X, y: y + RING_Y }] : []
    }),
  )

/** Where labels stand: in a line beneath all that belongs to their staff. */
const labelsOf = (plan: StaffPlan, { bottom }: Extent, system: System): Engraved['labels'] =>
  plan.chords.flatMap((notes, at) =>
    notes.flatMap(({ label }) => (label ? [{ x: system.columns[at]!, y: bottom - 5, text: label }] : [])),
  )

/** Top lines of the staves: clear of one another's ink and fingers. */
function topsOf(extents: readonly Extent[], head: number): number[] {
  const tops: number[] = []
  extents.forEach((extent, at) => {
    const above = extents[at - 1]
    tops.push(
      above === undefined
        ? MARGIN + head - extent.top
        : Math.max(tops[at - 1]! + STAFF + MIN_GAP, tops[at - 1]! + above.bottom - extent.top + 8),
    )
  })
  return tops
}

/** Draws built staves, each moved down to its top line. */
function drawStaves(ink: Ink, staves: readonly Staff[], tops: readonly number[], height: number): void {
  const context = ink.context(height)
  context.setFillStyle(ink.colour).setStrokeStyle(ink.colour)
  staves.forEach(({ stave, notes, rests, beams, tuplets, ties }, at) => {
    ink.moveDown(context.openGroup('staff'), tops[at]!)
    stave.setContext(context).draw()
    for (const note of [...notes, ...rests]) {
      note?.setLedgerLineStyle({ strokeStyle: ink.colour, lineWidth: 1 })
      note?.setContext(context).draw()
    }
    for (const drawn of [...beams, ...tuplets, ...ties]) drawn.setContext(context).draw()
    context.closeGroup()
    stave.setY(tops[at]!)
  })
  if (staves.length === 2) {
    new StaveConnector(staves[0]!.stave, staves[1]!.stave).setType('brace').setContext(context).draw()
  }
}
