import { type ShallowRef, shallowRef } from 'vue'
import type { Accepted } from '#core/realise'
import type { RecipeInput } from '#core/study'
import type { Study } from '#shared/api'
import type { DeskStudy } from './deskStudy'

/** A study that lay on the desk unsaved when another took its place. */
export interface Aside {
  readonly title: string
  readonly saved: Study | null
  readonly recipe: RecipeInput
  readonly accepted: Accepted | null
}

/** What was not saved before something else came to the desk, newest first, so that no step loses work unseen. */
export function deskAside(desk: DeskStudy, saved: ShallowRef<Study | null>, keep: (study: Study | null) => void) {
  const asides = shallowRef<readonly Aside[]>([])

  const letAsideGo = (aside: Aside): void => {
    asides.value = asides.value.filter((other) => other !== aside)
  }

  /** Remembers what lies here unsaved, before something else is laid here. */
  function setAside(): void {
    const { changed, study, recipe, accepted } = desk
    if (!changed.value || !study.value) return
    const { title } = study.value
    const here = { title, saved: saved.value, recipe: recipe.value, accepted: accepted.value }
    asides.value = [here, ...asides.value]
  }

  /** Lays one on the desk again, unsaved as it was; what lies there unsaved now is set aside in its turn. */
  async function bringBack(back: Aside): Promise<void> {
    letAsideGo(back)
    setAside()
    keep(back.saved)
    await desk.lay(back.recipe, back.accepted)
    desk.changed.value = true
  }

  return { asides, setAside, bringBack, letAsideGo }
}
