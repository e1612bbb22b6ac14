import { readlinkSync } from 'node:fs'
import { setPriority } from 'node:os'

/** The variable that tells a thread how much it gives way. */
export const NICE = 'TACTUM_NICE'

/** Lets this thread alone give way, as it was told. Where the system knows no threads by number it runs as the rest does. */
export function giveWay(): void {
  const nice = Number(process.env[NICE] ?? 0)
  if (nice === 0) return
  try {
    // Linux gives every thread a number, and takes it where that of a process is asked for
    setPriority(Number(readlinkSync('/proc/thread-self').split('/').at(-1)), nice)
  } catch {
    // it runs as the rest does
  }
}
