import { LETTERS, letterIndex, modulo, type Note, printedName } from './note'

/** Ways to name a note. `movable-do` has do on every tonic, `movable-la` la on a minor one; common practice, both taught. */
export const NAME_SYSTEMS = ['letters', 'german', 'fixed-do', 'movable-do', 'movable-la', 'degrees'] as const
export type NameSystem = (typeof NAME_SYSTEMS)[number]
/** What may stand under the notes: their names, or the steps from note to note, as they are said aloud while playing. */
export const NAMINGS = [...NAME_SYSTEMS, 'steps'] as const
export type Naming = (typeof NAMINGS)[number]

/** What a name may depend on besides the note: the key's tonic, and whether it is minor. */
interface NamedIn {
  readonly tonic: Note
  readonly minor: boolean
}

const FIXED_DO = ['Do', 'Re', 'Mi', 'Fa', 'Sol', 'La', 'Si'] as const
const signs = (alteration: number): string => {
  if (alteration === 2) return '×'
  return (alteration < 0 ? '♭' : '♯').repeat(Math.abs(alteration))
}

/** H is B natural, B is B flat; sharps end in -is, flats in -es, but As, Es and their doubles; common practice. */
function germanName({ letter, alteration }: Note): string {
  if (letter === 'B' && alteration === -1) return 'B'
  const stem = letter === 'B' ? 'H' : letter
  if (alteration >= 0) return stem + 'is'.repeat(alteration)
  const open = letter === 'A' || letter === 'E'
  return stem + (open ? 's' : 'es') + 'es'.repeat(-alteration - 1)
}

/** Fixed syllables with the printed signs: Sol♯. */
const fixedDoName = ({ letter, alteration }: Note): string => FIXED_DO[letterIndex(letter)]! + signs(alteration)

/** Syllables over a major tonic; raised ones end in -i, lowered ones in -e or -a; common practice. */
const MOVABLE = [
  { plain: 'do', raised: 'di', lowered: 'de', twice: 'do' },
  { plain: 're', raised: 'ri', lowered: 'ra', twice: 're' },
  { plain: 'mi', raised: 'my', lowered: 'me', twice: 'mi' },
  { plain: 'fa', raised: 'fi', lowered: 'fe', twice: 'fa' },
  { plain: 'sol', raised: 'si', lowered: 'se', twice: 'sol' },
  { plain: 'la', raised: 'li', lowered: 'le', twice: 'la' },
  { plain: 'ti', raised: 'ty', lowered: 'te', twice: 'ti' },
] as const
/** Semitones of the natural letters over C, and of the major degrees over any tonic. */
const MAJOR = [0, 2, 4, 5, 7, 9, 11]

const height = (note: Note): number => MAJOR[letterIndex(note.letter)]! + note.alteration

/** Letters and semitones by which a note differs from the major scale's on a tonic. */
function overTonic(note: Note, tonic: Note): { degree: number; off: number } {
  const degree = modulo(letterIndex(note.letter) - letterIndex(tonic.letter), LETTERS.length)
  return { degree, off: modulo(height(note) - height(tonic) - MAJOR[degree]! + 6, 12) - 6 }
}

function movable(note: Note, tonic: Note): string {
  const { degree, off } = overTonic(note, tonic)
  const syllables = MOVABLE[degree]!
  if (off === 0) return syllables.plain
  if (off === 1) return syllables.raised
  if (off === -1) return syllables.lowered
  return syllables.twice + signs(off)
}

/** The major tonic that a minor one shares its signature with: a minor third up. */
const relativeMajor = (tonic: Note): Note => {
  const letter = LETTERS[modulo(letterIndex(tonic.letter) + 2, LETTERS.length)]!
  const plain: Note = { letter, alteration: 0 }
  return { letter, alteration: modulo(height(tonic) + 3 - height(plain) + 6, 12) - 6 }
}

/** Degree of the major scale on the tonic, with the sign that it takes against it: ♭3, ♯4. */
function degreeName(note: Note, tonic: Note): string {
  const { degree, off } = overTonic(note, tonic)
  return signs(off) + String(degree + 1)
}

/** A note's name in a system, as it is printed. Octaves are left out. */
export function nameIn(system: NameSystem, note: Note, key: NamedIn): string {
  switch (system) {
    case 'german':
      return germanName(note)
    case 'fixed-do':
      return fixedDoName(note)
    case 'movable-do':
      return movable(note, key.tonic)
    case 'movable-la':
      return movable(note, key.minor ? relativeMajor(key.tonic) : key.tonic)
    case 'degrees':
      return degreeName(note, key.tonic)
    default:
      return printedName(note)
  }
}
