/** Database: the pool, migrations, and every query of the program in plain SQL, a file to a table. */
export { migrate, type Migration } from './migrate'
export { closePool, type Db, getPool, inTransaction } from './pool'
export {
  deleteSet,
  getSet,
  hasPupil,
  insertPupil,
  insertSet,
  listPupils,
  type SetContent,
  unknownStudies,
  updateSet,
} from './sets'
export { copyStudy, listStudies, setsHolding, shelveStudies, tagStudies } from './shelves'
export { deleteStudy, getStudy, insertStudy, studiesOfSet, type StudyContent, updateStudy } from './studies'
export { currentStudio, ensureStudio, getStudio } from './studio'
export { allSyllabi, getSyllabus, insertSyllabus, listSyllabi } from './syllabi'
