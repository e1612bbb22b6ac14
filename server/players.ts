import { type PlayerSettings, pupilPlayer } from '#core/instrument'
import type { Pupil } from '#shared/api'
import { type Db, getPupil, getStudio } from './db'
import { notFound } from './httpError'

/** A pupil as far as that says who plays what. */
export const playing = ({ instrument, preferences }: Pick<Pupil, 'instrument' | 'preferences'>) => ({
  instrument,
  settings: preferences.settings,
})

/** What a pupil plays, as the studio and the pupil's own settings say. */
export async function playerOf(
  db: Db,
  studio: number,
  pupil: Pick<Pupil, 'instrument' | 'preferences'>,
): Promise<PlayerSettings> {
  const { settings } = await getStudio(db, studio)
  return pupilPlayer(settings, playing(pupil))
}

/** The same of a pupil by id. @throws HttpError 404 */
export async function playerNamed(db: Db, studio: number, id: string): Promise<PlayerSettings> {
  const pupil = await getPupil(db, studio, id)
  if (!pupil) throw notFound('pupil')
  return playerOf(db, studio, pupil)
}
