import { readonly, ref, shallowRef } from 'vue'
import type { SessionState } from '#shared/people'

const state = shallowRef<SessionState | null>(null)
/** Whether people sign in here, and who has; null until it is known. */
export const currentSession = readonly(state)
export const showSession = (found: SessionState): void => {
  state.value = found
}

const needed = ref(false)
/** Whether whoever is here must sign in before anything goes on. */
export const isSignInNeeded = readonly(needed)

let waiting: (() => void)[] = []

/** Resolves when somebody has signed in. What is on the page stays as it is meanwhile. */
export function untilSignedIn(): Promise<void> {
  needed.value = true
  return new Promise((resolve) => waiting.push(resolve))
}

/** Somebody has signed in: whoever waits goes on. */
export function signedInAs(found: SessionState): void {
  state.value = found
  needed.value = false
  const going = waiting
  waiting = []
  for (const go of going) go()
}
