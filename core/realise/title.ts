import { familyOf, handWords, type Recipe } from '../instrument'
import { type Material, twinOf } from '../material'
import { noteName, printedName } from '../pitch'
import { isFree } from '../study'
import { patternWords as shapeWords } from './patternWords'

export { handWords }

const NUMBERS = ['no', 'one', 'two', 'three', 'four']
const INVERSIONS = ['', 'first inversion', 'second inversion', 'third inversion']

export const octaveWords = (octaves: number): string =>
  `${NUMBERS[octaves] ?? octaves} octave${octaves === 1 ? '' : 's'}`

type Apart = Pick<Recipe, 'hands' | 'motion' | 'interval' | 'tonicHand' | 'contraryFrom'>

/** “a sixth apart, right hand on the tonic”; nothing where the hands lie as usual. */
export function apartWords({ hands, motion, interval, tonicHand, contraryFrom }: Apart): string {
  if (hands === 'together' && motion === 'contrary' && contraryFrom === 'octave') return 'from an octave apart'
  if (hands !== 'together' || interval === 'octave') return ''
  const usual = interval === 'sixth' ? 'right' : 'left'
  return `a ${interval} apart${tonicHand === usual ? '' : `, ${tonicHand} hand on the tonic`}`
}

/** “G♯ harmonic minor”, “C major arpeggio, first inversion”. */
export function materialWords({ tonic, kind, inversion }: Material): string {
  const name = `${printedName(tonic)} ${kind.words}`
  return inversion > 0 ? `${name}, ${INVERSIONS[inversion]}` : name
}

const SHOWN_PITCHES = 4

/** “Pattern C4 E4 G4 B4 …”. */
function pitchesWords(pitches: readonly (string | readonly string[])[]): string {
  const shown = pitches.slice(0, SHOWN_PITCHES).map((each) => (typeof each === 'string' ? each : each.join('+')))
  const text = shown
    .join(' ')
    .replaceAll('##', '×')
    .replaceAll('#', '♯')
    .replace(/(?<=[A-G]b?)b/g, '♭')
  return `Pattern ${text}${pitches.length > SHOWN_PITCHES ? ' …' : ''}`
}

/** “G♯ harmonic minor, hands together, two octaves”. */
export function titleOf(recipe: Recipe, material: Material): string {
  const family = familyOf(recipe)
  const course = recipe.course === 'up-down' ? '' : recipe.course.replace('-', ' and ')
  if (isFree(recipe.material)) {
    const back = recipe.course === 'up' ? '' : course || 'and back'
    return [
      pitchesWords(recipe.material.pitches),
      family.playedBy(recipe),
      back,
      ...shapeWords(recipe),
      ...family.playedWords(recipe),
    ]
      .filter(Boolean)
      .join(', ')
  }
  const cadence = material.kind.texture === 'cadence'
  const octaves = cadence && recipe.octaves === 1 ? '' : octaveWords(recipe.octaves)
  const parts = [
    materialWords(material),
    family.playedBy(recipe),
    apartWords(recipe),
    octaves,
    cadence ? '' : course,
    ...shapeWords(recipe),
    ...family.playedWords(recipe),
  ]
  return parts.filter(Boolean).join(', ')
}

/** The other name of the same keys, if it is usual. */
export function twinWords(material: Material): { tonic: string; title: string } | null {
  const twin = twinOf(material.tonic, material.kind)
  return twin && { tonic: noteName(twin), title: materialWords({ ...material, tonic: twin }) }
}
