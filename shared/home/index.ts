/** A pupil's own page: what was set, as music for a phone, drawn on the server. */
import { type FaceFiles, type Faces, facesFrom } from '#paper'
import type { Wording } from '../wording'
import { gonePage, homePage } from './page'
import type { HomeRequest } from './requests'

export type { HomeData, HomeLineData, HomeRequest } from './requests'

let faces: Faces | undefined

/** The page's markup. */
export const homeMarkup = (request: HomeRequest, files: FaceFiles, w: Wording): Promise<string> =>
  homePage(request, (faces ??= facesFrom(files)), w)

/** What stands where there is no such page. */
export const goneMarkup = (files: HomeRequest['files'], w: Wording): Promise<string> => gonePage(w, files)
