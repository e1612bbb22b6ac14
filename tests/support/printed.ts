import { completeEntry, type EntryInput } from '#core/syllabus'

const BEAT = { quarter: '', half: 'minim ', eighth: 'quaver ', whole: 'semibreve ' } as const

type Entry = ReturnType<typeof completeEntry>
const formatted = (words: readonly (string | false)[]): string[] =>
  words.filter((word): word is string => Boolean(word))

/** How the hands go, where that is not usual. */
const playing = ({ motion, contraryFrom, interval, tonicHand, course, figure, walk }: Entry): string[] =>
  formatted([
    motion === 'contrary' && `contrary from ${contraryFrom ?? '?'}`,
    interval !== 'octave' && `a ${interval} apart, tonic ${tonicHand ?? '?'}`,
    course !== 'up-down' && course,
    figure !== 'straight' && figure,
    walk !== 'straight' && walk,
  ])
/** What of its keys and chords is asked. */
const required = ({ resolution, seventh, pick, except, inversions }: Entry): string[] =>
  formatted([
    resolution !== 'none' && resolution,
    seventh === 'of' && 'of the key',
    pick !== 'all' && `any ${pick}`,
    except.length > 0 && `but ${except.join(' ')}`,
    String(inversions) !== '0' && `inversions ${inversions.join(' ')}`,
  ])
/** Who chooses, and what is shown besides. */
const besides = ({ articulations, touchChooser, touch, chooser, scope, kinds, memory, conditions }: Entry): string[] =>
  formatted([
    articulations.length > 0 && articulations.join(touchChooser === 'both' ? ' and ' : ` or (${touchChooser}) `),
    touch !== null && `RH ${touch.right}, LH ${touch.left}`,
    kinds.length > 1 && chooser !== 'examiner' && `forms: ${chooser}`,
    scope !== 'key' && `scope ${scope}`,
    memory && 'memory',
    conditions.length > 0 && `(${conditions.join('; ')})`,
  ])

/** An entry in short: keys, kinds, hands, octaves, tempo where it is named, and what is not usual. */
export function brief(input: Omit<EntryInput, 'id'>): string {
  const entry = completeEntry({ ...input, id: '' })
  const { keys, kinds, hands, octaves, tempo, open } = entry
  const beat = tempo.beat in BEAT ? BEAT[tempo.beat as keyof typeof BEAT] : `${tempo.beat} `
  const named = !open.includes('no-tempo')
  const most = tempo.most ? `-${tempo.most}` : ''
  return [
    'sharps' in keys ? `${keys.sharps}# ${keys.flats}b` : 'as' in keys ? `as ${keys.as}` : keys.join(' '),
    kinds.join(' + '),
    `${hands} ${octaves}`,
    ...(named
      ? [`${beat}${tempo.bpm}${most} x ${tempo.notesPerBeat}${tempo.kind === 'recommended' ? ' about' : ''}`]
      : tempo.notesPerBeat === 2
        ? []
        : [`x ${tempo.notesPerBeat}`]),
    ...playing(entry),
    ...required(entry),
    ...besides(entry),
  ].join(', ')
}
