import type { RecipeInput } from '#core/instrument'
import type { Accepted } from '#core/realise'
import type { Message } from '#core/message'
import type { ChangedStudy } from '../changing'
import type { StudyContent } from '../db'
import { uniqueMessages, contentOf } from '../studies'
import { thread } from './shared'
import { isStraight, weighed } from './weighing'

/** So many studies go to a thread at a time: what else waits for one comes in between. */
const AT_ONCE = 8

const chunksOf = <T>(items: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(items.length / AT_ONCE) }, (_, at) => items.slice(at * AT_ONCE, (at + 1) * AT_ONCE))

/** A study ready to be stored: one that may be long in a thread. @throws DomainError as `contentOf` */
export const contentIn = async (recipe: RecipeInput, accepted: Accepted = {}): Promise<StudyContent> =>
  isStraight(recipe) ? contentOf(recipe, accepted) : thread('content', { recipe, accepted })

/** Studies ready to be stored. @throws DomainError naming one that cannot be, or is one too many */
export async function contentsIn(recipes: readonly RecipeInput[]): Promise<StudyContent[]> {
  await weighed(recipes)
  const made = chunksOf(recipes).map((some, at) => thread('contents', { recipes: some, from: at * AT_ONCE }))
  return (await Promise.all(made)).flat()
}

/** Studies with some of each changed; null where one is so already. @throws DomainError for more than is done at once */
export async function changedIn(
  studies: readonly StudyContent[],
  some: Partial<RecipeInput>,
): Promise<(ChangedStudy | null)[]> {
  await weighed(
    studies.map(({ recipe }) => recipe),
    'studies',
    some,
  )
  const lean = studies.map(({ recipe, accepted }) => ({ recipe, accepted }))
  return (await Promise.all(chunksOf(lean).map((chunk) => thread('changed', { studies: chunk, some })))).flat()
}

/** Those of some studies that can be played, and why the others cannot. */
export async function playableIn(
  recipes: readonly RecipeInput[],
): Promise<{ contents: StudyContent[]; refused: Message[] }> {
  const found = await Promise.all(chunksOf(recipes).map((some) => thread('playable', { recipes: some })))
  return {
    contents: found.flatMap(({ contents }) => contents),
    refused: uniqueMessages(found.flatMap(({ refused }) => refused)),
  }
}
