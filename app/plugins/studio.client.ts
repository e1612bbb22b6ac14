import { defineNuxtPlugin } from '#imports'
import { ask } from '~/composables/api'
import { showSession } from '~/composables/session'
import { knewStudio, studioAsked } from '~/composables/studio'

/** Addresses at which somebody comes in for the first time: nothing of a studio is shown there. */
const DOORS = ['/owner', '/join']

/**
 * What is taught here is known before the first page stands: as this browser knew it, or else from the server. Where
 * somebody has to sign in first, the page stands without.
 */
export default defineNuxtPlugin(async () => {
  const session = ask('GET /api/session').then((found) => {
    showSession(found)
    return found
  })
  if (DOORS.includes(location.pathname)) return void session.catch(() => undefined)
  const known = studioAsked(ask('GET /api/studio'))
  if (knewStudio()) return void session.catch(() => undefined)
  const found = await session.catch(() => null)
  if (!found || !found.signIn || found.teacher) await known
})
