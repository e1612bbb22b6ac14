/** HTTP: what all routes share. Bodies read within bounds and checked, refusals in one shape. */
export { MAX_BYTES, readBytes, readChecked, readJson } from './body'
export { notFound, HttpError, stale } from '../httpError'
export { languageOf } from './language'
export { originOf } from './origin'
export { tellingProgress } from './progress'
export {
  answered,
  askerOf,
  type Context,
  dateQuery,
  doorRoute,
  versionQuery,
  idParam,
  idQuery,
  numberParam,
  route,
  slugQuery,
  slugParam,
  textQuery,
} from './route'
