import type { Note } from '../pitch'
import type { Heard } from './heard'
import type { Features } from './part'

/** Keys that have their features in common. */
interface KeyGroup {
  readonly tonics: Note[]
  readonly features: readonly Features[]
}

/** Keys with what is said of them, in groups; whether a chord's key is meant; what the words leave open. */
interface KeysHeard {
  readonly groups: readonly KeyGroup[]
  readonly of: boolean
  readonly open: readonly string[]
}

const CHORDS: readonly Features['quality'][] = ['dominant', 'diminished', 'half-diminished', 'augmented']
const isMode = ({ quality, form }: Features): boolean => quality !== undefined || form !== undefined
const isSubject = ({ shape, named }: Features): boolean => shape !== undefined || named !== undefined
const isChord = ({ quality }: Features): boolean => CHORDS.includes(quality)
const isKeyMode = (features: Features): boolean => isMode(features) && !isChord(features)

/** “F♯ major and E♭ minor, dominant and diminished sevenths”: keys by their modes, and sevenths in them. */
function seventhsOfKeys({ named, common }: Heard): Features[] | null {
  const last = named.at(-1)?.features ?? []
  // “on G: major, minor, dominant seventh”: chords of all sorts, and no mode of a key
  const modes = new Set(last.filter(isKeyMode).map(({ quality, form }) => (form ? 'minor' : quality)))
  if (modes.size > 1) return null
  const all = [...common, ...last]
  const chords = all.filter((each) => isChord(each) || isSubject(each))
  const inKeys = named.some(({ features }) => features.some(isKeyMode))
  const lastInKey = last.some(isKeyMode)
  const sevenths = chords.some(isChord) && chords.some(({ shape }) => shape === 'seventh')
  return sevenths && inKeys && lastInKey ? chords : null
}

/** What a key has of its own, or what the next key has that says it; what stands before all keys, for those without. */
function filled({ named, common }: Heard): { tonic: Note; features: Features[]; reached: boolean }[] {
  let [mode, subject]: Features[][] = [[], []]
  const filledKeys = [...named].reverse().map(({ tonic, features }) => {
    const own = { mode: features.filter(isMode), subject: features.filter(isSubject) }
    const chord = subject!.some(({ shape }) => shape === 'seventh') && mode!.some(isChord)
    // “C major, G dominant seventh” is no seventh on C
    // nor is “D major and D chromatic” chromatic twice
    const scale = subject!.some(({ named: name }) => name !== undefined)
    const foreign = own.mode.length > 0 && own.subject.length === 0 && (chord || scale)
    const borrowed = {
      mode: own.mode.length > 0 ? own.mode : mode!,
      subject: own.subject.length > 0 ? own.subject : foreign ? [] : subject!,
    }
    if (own.mode.length > 0) mode = own.mode
    if (own.subject.length > 0) subject = own.subject
    const qualities = borrowed.mode.flatMap(({ quality }) => quality ?? [])
    const before = common.filter((each) => {
      // “arpeggios on G: major, minor, dominant seventh”
      const chords = each.shape === 'arpeggio' && borrowed.subject.some(({ shape }) => shape === 'seventh')
      if (isSubject(each)) return borrowed.subject.length === 0 || chords
      return qualities.length === 0 || each.quality === undefined || qualities.includes(each.quality)
    })
    return { tonic, features: [...before, ...borrowed.mode, ...borrowed.subject], reached: foreign && chord }
  })
  return filledKeys.reverse()
}

function grouped(filledKeys: readonly { tonic: Note; features: readonly Features[] }[]): KeyGroup[] {
  const groups = new Map<string, { tonics: Note[]; features: readonly Features[] }>()
  for (const { tonic, features } of filledKeys) {
    const key = JSON.stringify(features)
    const group = groups.get(key) ?? { tonics: [], features }
    group.tonics.push(tonic)
    groups.set(key, group)
  }
  return [...groups.values()]
}

/** What a caller says of one key; a chord's quality stands for itself: “C major, dominant seventh” is a dominant one. */
export const keysCalled = (heard: Heard): { tonic: Note; features: readonly Features[] }[] => {
  // “diminished seventh in the key of G minor”: the mode is the key's, not the chord's
  const chords = heard.common.some(isChord) ? heard.common.filter((each) => isChord(each) || isSubject(each)) : []
  return filled(heard).map(({ tonic, features }) => {
    if (chords.length > 0 && !features.some(isChord)) return { tonic, features: chords }
    return { tonic, features: features.some(isChord) ? features.filter((each) => !isKeyMode(each)) : features }
  })
}

/** Sorts keys by what is said of them: a kind at the end governs the whole list, a mode the keys before it. */
export function keysHeard(heard: Heard): KeysHeard {
  if (heard.named.length === 0) return { groups: [{ tonics: [], features: heard.common }], of: false, open: [] }
  const sevenths = seventhsOfKeys(heard)
  if (sevenths) {
    const tonics = heard.named.map(({ tonic }) => tonic)
    return { groups: [{ tonics, features: sevenths }], of: true, open: [] }
  }
  const filledKeys = filled(heard)
  return { groups: grouped(filledKeys), of: false, open: filledKeys.some(({ reached }) => reached) ? ['reach'] : [] }
}
