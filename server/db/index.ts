/** Database: the pool, migrations, and every query of the program in plain SQL, a file to a table. */
export { migrate, type Migration } from './migrate'
export { closeDbHealth, DatabaseUnavailable, DiskFull, isDiskFull, withDatabase } from './dbHealth'
export {
  closePool,
  type Db,
  inSnapshot,
  inTransaction,
  isOrphan,
  isTaken,
  isUnfit,
  ownerPool,
  type Pool,
  poolFor,
  servicePool,
} from './pool'
export type { Scope } from './scope'
export { SERVICE_ROLE } from './service'
export { getAim, listAims, type StampedAim, writeAim } from './aims'
export {
  addRows,
  ARCHIVED_TABLES,
  type ArchivedRows,
  isEmptyStudio,
  listSetIds,
  type NewRows,
  readStudioRows,
  takenIds,
} from './archive'
export { type Before, holdersOf, insertChange, takeChange } from './bulkEdits'
export { eraseFromTrash, insertErasure, listErasures, pupilTotals } from './erasures'
export { dateExam, getExam, insertExam, listExams } from './exams'
export { archivePupil, belongings, getPupil, insertPupil, listPupils, preferPupil, renamePupil } from './pupils'
export { insertEntries, knownEntries, listEntries, listEntriesOf, type NewEntry } from './record'
export {
  deletePlannedLesson,
  deleteWeek,
  getLesson,
  lessonsOf,
  listLessons,
  listWeeks,
  writeLesson,
  writeWeek,
} from './lessons'
export { holdPupil, holdSet } from './locks'
export { insertInvitation, type Invited, invitedBy, useInvitation } from './invitations'
export { deleteLink, getLink, linkedPupil, linkOpened, writeLink } from './pupilLinks'
export { listShares, teacherOfPupil, writeShares } from './shares'
export {
  endSession,
  endSessionOf,
  endSessions,
  insertSession,
  listSessions,
  type SessionHolder,
  sessionHolder,
} from './sessions'
export {
  getTeacher,
  giveAll,
  handOver,
  handOverAll,
  hasOwner,
  insertTeacher,
  leaveStudio,
  listTeachers,
  type Login,
  loginNamed,
  setPassword,
  teacherNamed,
} from './teachers'
export { deleteRoute, listRoutes, writeRoute } from './routes'
export { bringUpToDate, getSet, getSets, insertSet, type SetContent, setsWith, unfitStudies, updateSet } from './sets'
export { runOnce } from './shipped'
export { copyStudy, dropUntouched, listStudies, setsHolding, shelveStudies, tagStudies } from './shelves'
export {
  deleteBinned,
  getStudy,
  studiesNamed,
  insertStudy,
  insertStudyAs,
  studiesInSetsOf,
  studiesOfPupils,
  studiesOfSets,
  type StudyContent,
  updateStudy,
} from './studies'
export {
  currentStudio,
  deleteDemo,
  getStudio,
  hasStudio,
  holdsStudio,
  insertStudio,
  listStudios,
  nameStudio,
  openStudio,
  studioIds,
  studioNamed,
  unownedStudio,
} from './studio'
export {
  allSyllabi,
  examSyllabi,
  getSyllabus,
  insertSyllabus,
  type StoredSyllabus,
  listSyllabi,
  pastSyllabus,
  pastVersions,
  reshapeSyllabus,
  setsGradedBy,
  shipSyllabus,
  updateSyllabus,
} from './syllabi'
export { dropTrashed, getTrashed, listTrash, moveToTrash, restoreTrashed } from './trash'
