import { defineNitroPlugin } from 'nitropack/runtime'
import { backUpDaily, backupFolder } from '../backup'
import { ready } from '../start/ready'

/** Milliseconds after the start, and between looks at whether the day's copy is there. */
const [FIRST, EVERY] = [20_000, 15 * 60_000]

/** Once a day a copy of the database, by itself. */
export default defineNitroPlugin((nitro) => {
  const folder = backupFolder()
  if (!folder || !process.env.DATABASE_URL) return
  const look = (): void => {
    ready()
      .then(() => backUpDaily(folder))
      .catch(() => undefined)
  }
  const first = setTimeout(look, FIRST).unref()
  const every = setInterval(look, EVERY).unref()
  nitro.hooks.hook('close', () => {
    clearTimeout(first)
    clearInterval(every)
  })
})
