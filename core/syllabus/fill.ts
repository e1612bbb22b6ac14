import { syllabusMessage } from './messages'
import { type Message, joined } from '../message'
import { type Articulation, studyMessage } from '../study'
import { instrumentForList, type RecipeInput } from '../instrument'
import { recipeFor, type Settings } from './asRecipe'
import { atomsOf } from './expand'
import { gradeOf, type GradeReport } from './grade'
import type { Atom, Requirement, Syllabus } from './model'
import { formsMessage } from './words'

/** What a candidate chooses, by what there is to choose from: `harmonic-minor+melodic-minor` to one of them. */
export type Choices = Readonly<Record<string, string>>

/** A choice that a grade leaves to the candidate. */
export interface OpenChoice {
  readonly id: string
  readonly words: Message
  readonly options: readonly { readonly value: string; readonly words: Message }[]
}

const kindsOf = ({ variants }: Atom): string[] => [...new Set(variants.map(({ kind }) => kind))].sort()
const handsOf = ({ variants }: Atom): string[] => [...new Set(variants.map(({ hands }) => hands))].sort()
const touchesOf = ({ variants }: Atom): string[] => [...variants[0]!.articulations].sort()

const touchMessage = (touch: string): Message => studyMessage('touch', { touch: touch as Articulation })

const open = (
  id: string,
  words: Message,
  options: readonly string[],
  wordsOf: (value: string) => Message,
): OpenChoice[] =>
  options.length < 2 ? [] : [{ id, words, options: options.map((value) => ({ value, words: wordsOf(value) })) }]

/** Everything that has to be asked once before a grade can become a set. */
export function openChoices(syllabus: Syllabus, gradeId: string): OpenChoice[] {
  const found = new Map<string, OpenChoice>()
  for (const atom of atomsOf(syllabus, gradeOf(syllabus, gradeId))) {
    const kinds = kindsOf(atom)
    const all = [
      ...open(kinds.join('+'), formsMessage(kinds as Requirement['kind'][]), kinds, (kind) =>
        formsMessage([kind as Requirement['kind']]),
      ),
      ...open('hands', syllabusMessage('choice.hands'), handsOf(atom), (hand) =>
        syllabusMessage('choice.hand', { hand: hand as Requirement['hands'] }),
      ),
      ...open(
        touchesOf(atom).join('+'),
        joined(touchesOf(atom).map(touchMessage), 'or'),
        touchesOf(atom),
        touchMessage,
      ),
    ]
    for (const choice of all) found.set(choice.id, choice)
  }
  return [...found.values()]
}

/** The variant that the candidate's choices come to. */
function chosen(atom: Atom, choices: Choices): Requirement {
  const kind = choices[kindsOf(atom).join('+')]
  const hand = choices.hands
  const fits = (variant: Requirement): number =>
    Number(kind !== undefined && variant.kind === kind) * 2 + Number(hand !== undefined && variant.hands === hand)
  const best = atom.variants.reduce((one, other) => (fits(other) > fits(one) ? other : one))
  const touch = best.articulations.find((each) => each === choices[touchesOf(atom).join('+')])
  return touch ? { ...best, articulations: [touch] } : best
}

/** The form in which a scope is met already; new studies must go with it. */
function formsTaken(atoms: readonly Atom[], report: GradeReport): Map<string, string> {
  const taken = new Map<string, string>()
  report.atoms.forEach(({ status, variant }, at) => {
    const { scope, variants } = atoms[at]!
    if (scope !== null && status === 'covered') taken.set(scope, variants[variant!]!.kind)
  })
  return taken
}

/**
 * The recipes that fill a grade's holes, one for each missing atom that counts, at the tempo asked.
 * @param only ids of atoms to add, whether they count or not; all that are missing unless given
 */
export function recipesForMissing(
  syllabus: Syllabus,
  report: GradeReport,
  {
    settings = {},
    choices = {},
    only,
  }: {
    readonly settings?: Settings
    readonly choices?: Choices
    readonly only?: readonly string[]
  } = {},
): RecipeInput[] {
  const atoms = atomsOf(syllabus, gradeOf(syllabus, report.grade))
  const taken = formsTaken(atoms, report)
  const own = { instrument: instrumentForList(syllabus.instrument), ...settings }
  return report.atoms.flatMap(({ id, status, wanted }, at) => {
    const required = only ? only.includes(id) && status !== 'covered' : status === 'missing' && wanted
    if (!required) return []
    const atom = atoms[at]!
    const form = atom.scope === null ? undefined : taken.get(atom.scope)
    return [recipeFor(chosen(atom, form ? { ...choices, [kindsOf(atom).join('+')]: form } : choices), own)]
  })
}
