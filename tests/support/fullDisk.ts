import pg from 'pg'
import { ownService } from './service'

/**
 * Lets every write of a study find no room, as PostgreSQL says it (appendix A of its manual: 53100, disk_full).
 * @returns what makes room again
 */
export async function fillDisk(): Promise<() => Promise<void>> {
  const client = new pg.Client(ownService().databaseUrl)
  await client.connect()
  await client.query(`create or replace function no_room() returns trigger language plpgsql as $$ begin
      raise exception 'could not extend file: No space left on device' using errcode = '53100'; end $$;
    create trigger no_room before insert or update on study for each row execute function no_room()`)
  return async () => {
    await client.query('drop trigger if exists no_room on study')
    await client.end()
  }
}
