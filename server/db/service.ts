import type { PoolClient } from 'pg'

/** The role that requests run as: it owns nothing, so that row-level security holds for it. */
export const SERVICE_ROLE = 'tactum_service'

/** Tables that no request writes or reads. */
const CLOSED = ['schema_migration']

/** Any number but that of the migrations: roles belong to all databases of a server. */
const ROLE_LOCK = 5_117_204

/**
 * Makes the role of the service where there is none, and lets it at the tables. Done at every start: a database that was
 * restored from a copy bears no grants.
 * @throws Error where the database's user may not make roles
 */
export async function admitService(client: PoolClient): Promise<void> {
  await client.query('begin')
  try {
    await client.query('select pg_advisory_xact_lock($1)', [ROLE_LOCK])
    await client.query(ROLE)
    await client.query(`
      grant usage on schema public to ${SERVICE_ROLE};
      grant select, insert, update, delete on all tables in schema public to ${SERVICE_ROLE};
      grant usage on all sequences in schema public to ${SERVICE_ROLE}`)
    const { rows } = await client.query<{ name: string }>(
      `select relname as name from pg_class
       where relnamespace = 'public'::regnamespace and relname = any($1)`,
      [CLOSED],
    )
    for (const { name } of rows) await client.query(`revoke all on ${name} from ${SERVICE_ROLE}`)
    await client.query('commit')
  } catch (error) {
    await client.query('rollback')
    if ((error as { code?: unknown }).code !== '42501') throw error
    throw new Error(
      `The database’s user may not make the role ${SERVICE_ROLE}. Its administrator can: create role ${SERVICE_ROLE}; ` +
        `grant ${SERVICE_ROLE} to the user of DATABASE_URL.`,
      { cause: error },
    )
  }
}

/** Databases of one server share roles: two that start at once make it once. */
const ROLE = `do $$ begin
  if not exists (select from pg_roles where rolname = '${SERVICE_ROLE}') then
    begin
      create role ${SERVICE_ROLE} nologin;
    exception when duplicate_object or unique_violation then null;
    end;
  end if;
  if not pg_has_role(current_user, '${SERVICE_ROLE}', 'member') then
    execute format('grant ${SERVICE_ROLE} to %I', current_user);
  end if;
end $$`
