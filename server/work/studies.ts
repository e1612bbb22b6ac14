import type { RecipeInput } from '#core/instrument'
import type { Accepted } from '#core/realise'
import type { Message } from '#core/message'
import type { ChangedStudy } from '../changing'
import type { StudyContent } from '../db'
import { contentOf, unplayableMessages } from '../studies'
import { thread } from './shared'
import { isStraight, weighed } from './weighing'

/** So many studies, and notes, go to a thread at a time: what else waits for one comes in between. */
const [AT_ONCE, NOTES_AT_ONCE] = [8, 500]

/** Some studies of a batch, and at which place of it they begin. */
interface Chunk<T> {
  readonly from: number
  readonly items: readonly T[]
}

/** @param weights notes of each; all the same where they are not known */
function chunksOf<T>(items: readonly T[], weights: readonly number[] = []): Chunk<T>[] {
  const chunks: { from: number; items: T[]; notes: number }[] = []
  items.forEach((item, at) => {
    const notes = weights[at] ?? 0
    const last = chunks.at(-1)
    if (last && last.items.length < AT_ONCE && last.notes + notes <= NOTES_AT_ONCE) {
      last.items.push(item)
      last.notes += notes
    } else chunks.push({ from: at, items: [item], notes })
  })
  return chunks
}

/** A study ready to be stored: one that may be long in a thread. @throws DomainError as `contentOf` */
export const contentIn = async (recipe: RecipeInput, accepted: Accepted = {}): Promise<StudyContent> =>
  isStraight(recipe) ? contentOf(recipe, accepted) : thread('content', { recipe, accepted })

/** Studies ready to be stored. @throws DomainError naming one that cannot be, or is one too many */
export async function contentsIn(recipes: readonly RecipeInput[]): Promise<StudyContent[]> {
  const chunks = chunksOf(recipes, await weighed(recipes))
  const made = chunks.map(({ items, from }) => thread('contents', { recipes: items, from }))
  return (await Promise.all(made)).flat()
}

/** Studies with some of each changed; null where one is so already. @throws DomainError for more than is done at once */
export async function changedIn(
  studies: readonly StudyContent[],
  some: Partial<RecipeInput>,
): Promise<(ChangedStudy | null)[]> {
  const weights = await weighed(
    studies.map(({ recipe }) => recipe),
    'studies',
    some,
  )
  const lean = studies.map(({ recipe, accepted }) => ({ recipe, accepted }))
  return (
    await Promise.all(chunksOf(lean, weights).map(({ items }) => thread('changed', { studies: items, some })))
  ).flat()
}

/** Those of some studies that can be played, and why the others cannot. */
export async function playableIn(
  recipes: readonly RecipeInput[],
): Promise<{ contents: StudyContent[]; refused: Message[] }> {
  const found = await Promise.all(chunksOf(recipes).map(({ items }) => thread('playable', { recipes: items })))
  return {
    contents: found.flatMap(({ contents }) => contents),
    refused: unplayableMessages(found.flatMap(({ refused }) => refused)),
  }
}
