import { execFileSync } from 'node:child_process'
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'

/** A disk of so many megabytes, in memory; null where this user may make none. */
export function smallDisk(place: string, megabytes: number) {
  mkdirSync(place, { recursive: true })
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m,mode=755`, 'tmpfs', place], { stdio: 'ignore' })
  } catch {
    return null
  }
  const filler = `${place}/filler`
  return {
    /** Takes all the room that there is, to the last byte. */
    fill() {
      for (let size = megabytes * 1_000_000; size >= 512; size = Math.floor(size / 2)) {
        try {
          writeFileSync(filler, Buffer.alloc(size), { flag: 'a' })
          size *= 2
        } catch {
          // so much there is not; half of it may be
        }
      }
    },
    makeRoom: () => rmSync(filler, { force: true }),
    close() {
      execFileSync('umount', ['-l', place], { stdio: 'ignore' })
      rmSync(place, { recursive: true, force: true })
    },
  }
}
