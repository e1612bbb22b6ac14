import { type ShallowRef, shallowRef } from 'vue'
import type { Accepted } from '#core/realise'
import type { RecipeInput } from '#core/study'
import type { Study } from '#shared/api'
import type { DeskStudy } from './deskStudy'

/** A study that lay on the desk unsaved when another took its place. */
interface Aside {
  readonly title: string
  readonly saved: Study | null
  readonly recipe: RecipeInput
  readonly accepted: Accepted | null
}

/** What was not saved before something else came to the desk: one study back, so that no step loses work unseen. */
export function deskAside(desk: DeskStudy, saved: ShallowRef<Study | null>) {
  const aside = shallowRef<Aside | null>(null)

  /** Remembers what lies here unsaved, before something else is laid here. */
  function setAside(): void {
    const { changed, study, recipe, accepted } = desk
    if (!changed.value || !study.value) return
    const { title } = study.value
    aside.value = { title, saved: saved.value, recipe: recipe.value, accepted: accepted.value }
  }

  /** Lays it on the desk again, unsaved as it was; what lies there unsaved now changes places with it. */
  async function bringBack(): Promise<void> {
    const back = aside.value
    if (!back) return
    aside.value = null
    setAside()
    saved.value = back.saved
    await desk.lay(back.recipe, back.accepted)
    desk.changed.value = true
  }

  const letAsideGo = (): void => {
    aside.value = null
  }
  return { aside, setAside, bringBack, letAsideGo }
}
