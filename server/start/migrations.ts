import { useStorage } from 'nitropack/runtime'
import type { Migration } from '../db'

/** The numbered SQL files that were bundled with the server. */
export async function shippedMigrations(): Promise<Migration[]> {
  const files = useStorage('assets:migrations')
  const names = await files.getKeys()
  return Promise.all(
    names.map(async (name) => {
      const raw = await files.getItemRaw<Uint8Array | string>(name)
      return { name, sql: typeof raw === 'string' ? raw : Buffer.from(raw!).toString('utf8') }
    }),
  )
}
