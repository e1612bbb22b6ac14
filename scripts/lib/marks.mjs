import fs from 'node:fs'
import path from 'node:path'
import { commandWords } from './run.mjs'

/**
 * When a process began, in ticks since the machine did: a number that was given to another process since tells itself by
 * it. Null where there is no such process.
 */
function beginning(pid) {
  try {
    // the name of the program stands in brackets and may hold anything
    const stat = fs.readFileSync(`/proc/${pid}/stat`, 'utf8')
    return Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19])
  } catch {
    return null
  }
}

/** What a file says of the process that wrote it, or of the one that it names; null where it says nothing usable. */
function readMark(file) {
  try {
    const mark = JSON.parse(fs.readFileSync(file, 'utf8'))
    return typeof mark === 'object' && Number.isInteger(mark?.pid) && mark.pid > 1 ? mark : null
  } catch {
    return null
  }
}

/** @param {string} file @param {{ pid: number | undefined, port?: number }} mark */
const contentOf = (file, { pid, port }) =>
  JSON.stringify({ pid, port, folder: path.dirname(file), began: beginning(pid) })

/** Writes which process works in a folder, and on which port. @param {{ pid: number | undefined, port?: number }} mark */
export const writeMark = (file, mark) => fs.writeFileSync(file, contentOf(file, mark))

/** The same, unless another was quicker. @returns {boolean} whether it was written */
export function claimMark(file, mark) {
  try {
    fs.writeFileSync(file, contentOf(file, mark), { flag: 'wx' })
    return true
  } catch (error) {
    if (/** @type {NodeJS.ErrnoException} */ (error).code === 'EEXIST') return false
    throw error
  }
}

/**
 * The process that a mark names, if it is still the one that was meant: of this folder and not of one that was copied,
 * begun at that moment, and running `program`.
 * @returns {{ pid: number, port?: number } | null}
 */
export function believed(file, program) {
  const mark = readMark(file)
  if (!mark || mark.folder !== path.dirname(file) || mark.began !== beginning(mark.pid)) return null
  return commandWords(mark.pid).some((word) => word.endsWith(program)) ? mark : null
}
