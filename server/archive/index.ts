/** A studio as one file of open files: out, in, and one pupil alone. */
export { mergeArchive } from './merge'
export { openArchive, type OpenedArchive } from './read'
export { type ArchiveRequest, writeArchive } from './write'
