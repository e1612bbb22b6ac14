import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { ownService } from './service'

/** Makes an empty database and tells its address. Nobody drops it: its cluster is thrown away, with all open connections. */
export async function newDatabase(prefix: string): Promise<string> {
  const { databaseUrl } = ownService()
  const name = `${prefix}_${randomUUID().slice(0, 8)}`
  const admin = new pg.Client(databaseUrl)
  await admin.connect()
  await admin.query(`create database ${name}`)
  await admin.end()
  return databaseUrl.replace(/\/tactum$/, `/${name}`)
}
