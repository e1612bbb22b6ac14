import isEqual from 'fast-deep-equal'
import { computed, type Ref, shallowRef, watch } from 'vue'
import type { Accepted } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import type { Message } from '#core/message'
import type { Study } from '#shared/api'
import type { DeskDocument } from './document'
import type { Keeping } from './keeping'

/** A study that lay on the desk unsaved when another took its place. */
export interface Stash {
  readonly title: Message
  readonly saved: Study | null
  readonly recipe: RecipeInput
  readonly accepted: Accepted | null
  /** Whether it was to be saved, and waits for the server. */
  readonly wanted?: boolean
}

/** More than these nobody looks through; the oldest drop out. */
const MAX = 5

/** What was not saved before something else came to the desk, newest first, so that no step loses work unseen. */
export function deskStashes(
  desk: DeskDocument,
  keeping: Readonly<Ref<Keeping>>,
  lies: (study: Study | null, wanted?: boolean) => void,
) {
  const stashes = shallowRef<readonly Stash[]>([])

  const dropStash = (stash: Stash): void => {
    stashes.value = stashes.value.filter((other) => other !== stash)
  }

  /** What lies here unsaved. What is only being tried out is not it. */
  const here = computed<Stash | null>(() => {
    const { changed, study, currentDocument } = desk
    if (!changed.value || !study.value) return null
    return {
      title: study.value.title,
      saved: keeping.value.saved,
      ...currentDocument.value,
      wanted: keeping.value.wanted,
    }
  })

  /** Remembers what lies here unsaved, before something else is laid here. */
  function stashDraft(): void {
    const now = here.value
    if (!now) return
    // of one study only what was last done to it
    const others = stashes.value.filter(({ saved }) => !saved || saved.id !== now.saved?.id)
    stashes.value = [now, ...others].slice(0, MAX)
  }

  /** Lays what was not saved on the desk, as it was. */
  async function layUnsaved(back: Stash): Promise<void> {
    lies(back.saved, back.wanted)
    await desk.lay(back.recipe, back.accepted)
    desk.stored.value = back.saved && { recipe: back.saved.recipe, accepted: back.saved.accepted }
  }

  /** What has been kept meanwhile is not aside any more. */
  watch(
    () => keeping.value.saved,
    (saved) => {
      if (!saved) return
      stashes.value = stashes.value.filter(
        (stash) => stash.saved?.id !== saved.id || !isEqual(stash.recipe, saved.recipe),
      )
    },
  )

  return { stashes, here, stashDraft, layUnsaved, dropStash }
}
