import fs from 'node:fs'
import { spawn } from 'node:child_process'

/** An end that has been explained: the message is for the user, no stack trace. */
export class Stop extends Error {}

export const say = (text) => process.stderr.write(`${text}\n`)

/** Resolves when the process has ended, with its code. */
export const ended = (child) =>
  child.exitCode !== null || child.signalCode !== null
    ? Promise.resolve(child.exitCode)
    : new Promise((resolve) => child.once('exit', resolve))

const children = new Set()

/** Ends the commands that `run` has under way, with whatever they started. */
function endCommands() {
  for (const child of children) {
    try {
      process.kill(-child.pid, 'SIGTERM')
    } catch {
      // it has ended by itself
    }
  }
}

// commands run in process groups of their own: who is told to stop ends them, then goes on as it would have
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
  process.once(signal, () => {
    endCommands()
    if (process.listenerCount(signal) === 0) process.kill(process.pid, signal)
  })
}

/**
 * Runs a command to its end and collects what it prints; with `show` it prints as it goes (to standard error).
 * @param {string} command
 * @param {string[]} args
 * @param {Omit<import('node:child_process').SpawnOptions, 'stdio'> & { show?: boolean }} [options]
 * @returns {Promise<{code: number, output: string}>}
 */
export function run(command, args, { show = false, ...options } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { ...options, stdio: ['ignore', 'pipe', 'pipe'], detached: true })
    if (child.pid) children.add(child)
    child.on('exit', () => children.delete(child))
    let output = ''
    const take = (chunk) => {
      output += chunk
      if (show) process.stderr.write(chunk)
    }
    child.stdout.on('data', take)
    child.stderr.on('data', take)
    child.on('error', (error) => resolve({ code: 127, output: `${output}${error.message}` }))
    child.on('close', (code) => resolve({ code: code ?? 1, output }))
  })
}

export const lastLines = (text, count = 12) => text.trim().split('\n').slice(-count).join('\n')

export const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms))

/** What the system says of a place that cannot be used, in words. */
const SYSTEM = {
  ENOSPC: 'the disk is full. Make room, then start again; nothing was deleted.',
  EDQUOT: 'no more may be written there. Make room, then start again; nothing was deleted.',
  EROFS: 'it can only be read. Choose another folder: npm start -- --data FOLDER',
  EACCES: 'it is closed to this user. Choose another folder: npm start -- --data FOLDER',
  EPERM: 'it is closed to this user. Choose another folder: npm start -- --data FOLDER',
  ENOTDIR: 'part of its path is not a folder. Choose another: npm start -- --data FOLDER',
}

/** The sentence of an error of the file system; undefined for any other. */
function systemSentence(error) {
  const sentence = SYSTEM[error?.code]
  return sentence && `${error.path ?? 'The data folder'} cannot be used: ${sentence}`
}

/** Ends the program with one clear sentence. */
export function fail(error) {
  const sentence = error instanceof Stop ? error.message : systemSentence(error)
  say(sentence ? `\nTactum: ${sentence}` : error)
  process.exitCode = 1
}

/** The words of a process's command line; none where there is no such process. @returns {string[]} */
export const commandWords = (pid) => {
  try {
    return fs.readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0')
  } catch {
    return []
  }
}
