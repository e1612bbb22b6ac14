import { kindNamed, KINDS } from '../material'
import { type CommonRecipe, isFree, NOTES_PER_BEAT, oneOf, partOf, whole } from '../study'
import { BAR_RANGES, type BarSettings, malletInstrument, STRIKES, DEFAULT_BARS } from '../surface'
import { stickingError as refuse } from './messages'
import { strokesIn } from './rudiments'
import {
  DAMPINGS,
  DEAD_STROKES,
  HIGHEST_SHAPE,
  type MalletRecipe,
  type Mallets,
  MAX_STROKES,
  NO_ROLL,
  NUMBERINGS,
  PEDALS,
  PLAIN_RING,
  REACH_RANGE,
  type Ring,
  type Roll,
  ROLL_ENDINGS,
  ROLL_STROKES,
  ROLLS,
  RUDIMENT_ON,
  RUDIMENTS,
  STICKING_SCHOOLS,
  type StickingInput,
  type StickingSettings,
  strokesOf,
  TOPS,
  TWO_MALLETS,
} from './settings'

function completeRoll(value: unknown): Roll {
  const { manner, strokes, ending } = partOf(value, NO_ROLL, 'roll')
  return {
    manner: oneOf(manner, ROLLS, 'roll.manner'),
    strokes: oneOf(strokes, ROLL_STROKES, 'roll.strokes'),
    ending: oneOf(ending, ROLL_ENDINGS, 'roll.ending'),
  }
}

/** @throws DomainError naming the mallet that there is not, or the place where mallets would cross */
function completeMallets(value: unknown): Mallets {
  const given = partOf(value, TWO_MALLETS, 'mallets')
  const strokes = strokesOf(String(given.figure))
  if (!strokes || strokes.length > MAX_STROKES) {
    throw refuse('mallets.figure', { why: 'strokes', most: MAX_STROKES }, 'mallets.figure')
  }
  if (strokes.some((stroke) => new Set(stroke).size < stroke.length)) {
    throw refuse('mallets.figure', { why: 'twice', most: MAX_STROKES }, 'mallets.figure')
  }
  return {
    count: oneOf(given.count, [2, 4] as const, 'mallets.count'),
    figure: String(given.figure),
    shape: shapeOf(given.shape),
    numbering: oneOf(given.numbering, NUMBERINGS, 'mallets.numbering'),
    reach: whole(given.reach, REACH_RANGE.least, REACH_RANGE.most, 'mallets.reach'),
  }
}

function shapeOf(shape: unknown): readonly number[] {
  const path = 'mallets.shape'
  if (!Array.isArray(shape) || shape.length !== 4 || shape[0] !== 0) {
    throw refuse('mallets.shape', {}, path)
  }
  const degrees = shape.map((degree, at) => whole(degree, 0, HIGHEST_SHAPE, `${path}[${at}]`))
  const crossed = degrees.findIndex((degree, at) => at > 0 && degree <= degrees[at - 1]!)
  if (crossed < 0) return degrees
  const given = { degree: degrees[crossed]!, below: degrees[crossed - 1]! }
  throw refuse('mallets.crossed', given, `${path}[${crossed}]`)
}

function completeRing(value: unknown): Ring {
  const { pedal, damping, dead } = partOf(value, PLAIN_RING, 'ring')
  return {
    pedal: oneOf(pedal, PEDALS, 'ring.pedal'),
    damping: oneOf(damping, DAMPINGS, 'ring.damping'),
    dead: oneOf(dead, DEAD_STROKES, 'ring.dead'),
  }
}

function completeBars(value: unknown): BarSettings {
  const bars = partOf(value, DEFAULT_BARS, 'bars')
  const usually = (field: 'gap' | 'overlap'): number | null => {
    const { least, most } = BAR_RANGES[field]
    return bars[field] === null ? null : whole(bars[field], least, most, `bars.${field}`)
  }
  return {
    size: whole(bars.size, BAR_RANGES.size.least, BAR_RANGES.size.most, 'bars.size'),
    gap: usually('gap'),
    overlap: usually('overlap'),
  }
}

/**
 * Doubles where they help; but every step of a broken chord is wide, so a double there only trades one crossing for
 * another, and players alternate.
 */
function usualSchool(material: CommonRecipe['material']): StickingSettings['school'] {
  const family = isFree(material) ? 'free' : KINDS[material.kind].family
  return ['arpeggio', 'seventh', 'chain'].includes(family) ? 'strict' : 'doubles'
}

/** Notes to the beat that strokes fill: a rolled note lasts a beat, a rudiment or a figure of four mallets fills one. */
export function strokesToBeat({ roll, mallets, rudiment = 'none', rudimentOn = 'degree' }: StickingInput) {
  if ((roll?.manner ?? 'none') !== 'none') return 1
  const whole = rudiment !== 'none' && rudimentOn === 'degree' && RUDIMENTS.includes(rudiment)
  const figure = mallets?.count === 4 ? strokesOf(String(mallets.figure ?? TWO_MALLETS.figure)) : undefined
  const strokes = whole ? strokesIn(rudiment) : figure?.length
  return NOTES_PER_BEAT.find((each) => each === strokes)
}

/** What a teacher of mallets chooses, with its defaults. @throws DomainError naming the field */
export function completeSticking(input: StickingInput, material: CommonRecipe['material']): StickingSettings {
  return {
    school: oneOf(input.school ?? usualSchool(material), STICKING_SCHOOLS, 'school'),
    lead: oneOf(input.lead ?? 'right', ['right', 'left'] as const, 'lead'),
    tops: oneOf(input.tops ?? 'once', TOPS, 'tops'),
    rudiment: oneOf(input.rudiment ?? 'none', RUDIMENTS, 'rudiment'),
    rudimentOn: oneOf(input.rudimentOn ?? 'degree', RUDIMENT_ON, 'rudimentOn'),
    roll: completeRoll(input.roll),
    mallets: completeMallets(input.mallets),
    ring: completeRing(input.ring),
    strike: oneOf(input.strike ?? 'off-centre', STRIKES, 'strike'),
    bars: completeBars(input.bars),
  }
}

/** Two sticks cannot take more than two bars at once, nor four a list of pitches. */
function checkSounds({ material, mallets }: MalletRecipe): void {
  if (isFree(material)) {
    if (mallets.count === 4) {
      throw refuse('mallets.material', { kind: 'pitches' }, 'mallets.count')
    }
    const wide = material.pitches.findIndex((each) => typeof each !== 'string' && each.length > 2)
    if (wide < 0) return
    throw refuse('mallets.pitches', {}, `material.pitches[${wide}]`)
  }
  const { texture, second } = KINDS[material.kind]
  const kind = kindNamed({ id: material.kind })
  if (texture === 'tetrachords' || texture === 'cadence') {
    const why = texture === 'cadence' ? 'chords' : 'shared'
    throw refuse('instrument.material', { kind, why }, 'material.kind')
  }
  if (mallets.count === 4 && (texture !== 'run' || second)) {
    throw refuse('mallets.material', { kind }, 'mallets.count')
  }
}

/** A roll needs whole pairs of strokes in each of its notes. */
function checkRoll({ roll, mallets, rudiment, tempo: { notesPerBeat }, rhythm: { ladder } }: MalletRecipe): void {
  if (roll.manner === 'none') {
    if (ladder !== 'strokes') return
    throw refuse('rhythm.ladder', { why: 'no-roll' }, 'rhythm.ladder')
  }
  if (mallets.count === 4) throw refuse('roll.mallets', {}, 'roll.manner')
  if (rudiment !== 'none') throw refuse('roll.rudiment', {}, 'roll.manner')
  if (ladder === 'notes' || ladder === 'octaves') {
    throw refuse('rhythm.ladder', { why: 'rolled' }, 'rhythm.ladder')
  }
  const rungs = ladder === 'strokes' ? ROLL_STROKES : [roll.strokes]
  const uneven = rungs.find((strokes) => strokes % notesPerBeat !== 0 || strokes / notesPerBeat < 2)
  if (uneven === undefined) return
  const field = ladder === 'strokes' ? 'tempo.notesPerBeat' : 'roll.strokes'
  throw refuse('roll.strokes', { strokes: uneven, notes: notesPerBeat }, field)
}

/** Only a pedal lets bars ring on; and to stop one wants a mallet that is free. */
function checkRing(recipe: MalletRecipe): void {
  const { ring, instrument, roll, rudiment, mallets, material, pattern } = recipe
  if (ring.pedal !== 'note' && !malletInstrument(instrument).pedal) {
    throw refuse('ring.pedal', { instrument }, 'ring.pedal')
  }
  if (ring.dead !== 'none' && roll.manner !== 'none') throw refuse('ring.dead', {}, 'ring.dead')
  if (ring.damping === 'none') return
  const busy = (why: 'pedal' | 'strokes' | 'double'): never => {
    throw refuse('ring.damping', { why }, 'ring.damping')
  }
  if (ring.pedal === 'note') busy('pedal')
  if (mallets.count === 4 || rudiment !== 'none' || roll.manner !== 'none' || pattern.accompaniment !== 'none') {
    busy('strokes')
  }
  if (!isFree(material) && KINDS[material.kind].second) busy('double')
}

/** Whether what is asked of the sticks goes together. @throws DomainError naming the field */
export function checkMallets(recipe: MalletRecipe): void {
  const shared = { hands: 'together', motion: 'similar', interval: 'octave', contraryFrom: 'unison' } as const
  for (const field of ['hands', 'motion', 'interval', 'contraryFrom'] as const) {
    if (recipe[field] === shared[field]) continue
    const { instrument } = recipe
    throw refuse('instrument.hands', { field, value: shared[field], instrument }, field)
  }
  checkSounds(recipe)
  const { rudiment, mallets } = recipe
  if (rudiment !== 'none' && mallets.count === 4) {
    throw refuse('rudiment.mallets', {}, 'rudiment')
  }
  if (rudiment !== 'none' && !isFree(recipe.material) && KINDS[recipe.material.kind].second) {
    throw refuse('rudiment.material', {}, 'rudiment')
  }
  checkRoll(recipe)
  checkRing(recipe)
}
