import { completeRecipe, type Recipe } from '#core/instrument'

/** A study on its way into the week. */
export interface Dragged {
  readonly id: string | null
  readonly recipe: Recipe
}
const TYPE = 'application/x-tactum-study'

export const dragged = (event: DragEvent, { id, recipe }: Dragged): void =>
  event.dataTransfer?.setData(TYPE, JSON.stringify({ id, recipe }))

export const isDragged = (event: DragEvent): boolean => event.dataTransfer?.types.includes(TYPE) ?? false

/** What was dropped; null where it is nothing of ours. */
export function droppedIn(event: DragEvent): Dragged | null {
  try {
    const { id, recipe } = JSON.parse(event.dataTransfer?.getData(TYPE) ?? 'null') as Dragged
    return { id, recipe: completeRecipe(recipe) }
  } catch {
    return null
  }
}
