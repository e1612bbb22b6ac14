import type { Message } from '../message'
import { narrowed, type PlayerSettings, type RecipeInput } from '../instrument'
import { changesOver, type Changes, contradictions, joinedChanges } from './changes'
import { hear, type Heard } from './heard'
import { callMessage } from './messages'
import { once } from './once'
import { overStudy } from './overStudy'
import type { Meaning } from './part'
import type { Understood } from './read'
import { studiesNamed } from './studiesNamed'

/** All that a line says, gathered from its parts. */
interface Gathered {
  readonly studies: readonly RecipeInput[]
  /** What was assumed, or does not go together. */
  readonly remarks: readonly Message[]
  readonly problems: readonly Message[]
}

/** What a line is said over, and what chooses where it asks for a choice. */
export interface Setting {
  /** The study that a line which names no key is said over. */
  readonly base?: RecipeInput | undefined
  /** Who plays: a study that names no other instrument is for it. */
  readonly player?: PlayerSettings | undefined
  /** Numbers from 0 to 1, for a key that is drawn. */
  readonly random?: () => number
}

/** Each hand by itself is a study of its own. */
function byHands(studies: readonly RecipeInput[], { ask }: Heard): readonly RecipeInput[] {
  if (ask.hands !== 'separate' && ask.hands !== 'each') return studies
  const hands = ask.hands === 'each' ? (['right', 'left', 'together'] as const) : (['right', 'left'] as const)
  return studies.flatMap((study) => hands.map((which) => ({ ...study, hands: which })))
}

/** What one hand cannot do, asked of one hand. */
const oneHandContrary = ({ hands, motion }: Changes, { ask }: Heard): Message[] =>
  motion === 'contrary' && (hands === 'right' || hands === 'left' || ask.hands === 'separate')
    ? [callMessage('call.one-hand-contrary')]
    : []

const slipsIn = (understood: readonly Understood[]): Message[] =>
  understood.flatMap(({ slips }) => slips.map((slip) => callMessage('call.read-as', slip)))

const asidesIn = (meaning: readonly Meaning[]): Message[] =>
  meaning.flatMap(({ part }) => (part.is === 'aside' ? [part.message] : []))

/** Studies that name no instrument of another kind are for who plays here. */
const forPlayer = <F extends { readonly studies: readonly RecipeInput[] }>(found: F, player: PlayerSettings): F => ({
  ...found,
  studies: found.studies.map((study) => narrowed(player, study)),
})

/** Gathers what one study, or one list of keys, says. */
export function gather(
  understood: readonly Understood[],
  { base, player = {}, random = Math.random }: Setting = {},
): Gathered {
  const meaning = understood.flatMap((each) => (each.meaning ? [each.meaning] : []))
  const parts = meaning.map(({ part }) => part)
  const changes = parts.flatMap((part) => (part.is === 'change' ? [part] : []))
  const change = joinedChanges([...changes.map(({ usual }) => usual ?? {}), ...changes.map((part) => part.change)])
  const asides = asidesIn(meaning)
  const problems = [...contradictions(meaning), ...asides]
  const remarks = [...slipsIn(understood), ...changes.flatMap(({ question }) => question ?? [])]
  const free = parts.findLast((part) => part.is === 'pitches')
  if (free)
    return { studies: [narrowed(player, { ...change, material: { pitches: free.pitches } })], remarks, problems }

  const heard = hear(understood)
  const line = { understood, heard, meaning, change, random }
  const over = base ? overStudy({ ...line, base }) : null
  const found = over ?? forPlayer(studiesNamed({ ...line, ...paced(line) }), player)
  const asked = heard.questions.map((question): Message => ({ code: `open.${question}` }))
  const nothing = found.studies.length === 0 && found.problems.length === 0 && problems.length === 0
  return {
    studies: asides.some(({ code }) => code === 'call.grade') ? [] : byHands(found.studies, heard),
    remarks: once([...remarks, ...found.remarks, ...asked]),
    problems: once([
      ...problems,
      ...found.problems,
      ...oneHandContrary(change, heard),
      ...(nothing && meaning.length > 0 ? [callMessage('call.no-key')] : []),
    ]),
  }
}

/** A tempo that is faster, and octaves that are more, than those which a study has by itself. */
function paced({ change, meaning }: { change: Changes; meaning: readonly Meaning[] }): { change: Changes } {
  if (!meaning.some(({ part }) => part.is === 'pace' || part.is === 'more')) return { change }
  return { change: changesOver({ material: { tonic: 'C', kind: 'major' } }, change, meaning).change }
}
