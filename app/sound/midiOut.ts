import { getContext } from 'tone'
import type { Hand } from '#core/study'
import type { Instrument } from './instrument'

/** An instrument outside that notes are sent to; the browser names it. */
export interface Outlet {
  readonly id: string
  readonly name: string
}

/** Note on and note off of channel 1, and the controller that lets everything go (MIDI 1.0). */
const [NOTE_ON, NOTE_OFF, CONTROL, ALL_NOTES_OFF] = [0x90, 0x80, 0xb0, 123]
const MOST = 127

const nameOf = ({ name, id }: MIDIOutput): string => name ?? id

/** Whether this browser can send notes at all. */
export const sendsNotes = (): boolean => 'requestMIDIAccess' in navigator

/** What notes can be sent to; asks the browser, which may ask the user. @throws Error where that is refused */
export async function outlets(): Promise<readonly Outlet[]> {
  const { outputs } = await navigator.requestMIDIAccess()
  return [...outputs.values()].map((output) => ({ id: output.id, name: nameOf(output) }))
}

/** The outlet of an id, as long as it is there. */
export async function outletOf(id: string): Promise<MIDIOutput | null> {
  const { outputs } = await navigator.requestMIDIAccess()
  return outputs.get(id) ?? null
}

/** When something on the audio clock falls, on the clock that outlets go by, in milliseconds; what is past is sent at once. */
const clockTime = (time: number): number => performance.now() + 1000 * (time - getContext().currentTime)

/**
 * Notes are sent to an outlet, clicks are heard here.
 * @param own what is heard where nothing is sent
 * @param clock when a time of the audio clock falls, in milliseconds of the outlet's
 */
export function sentTo(output: MIDIOutput, own: Instrument, clock = clockTime): Instrument {
  const heard: Record<Hand, boolean> = { right: true, left: true }
  const share: Record<Hand, number> = { right: 1, left: 1 }
  return {
    ...own,
    strike: (hand, { midi, strength }, seconds, time) => {
      if (!heard[hand] || share[hand] === 0) return
      const velocity = Math.max(1, Math.round(MOST * strength * share[hand]))
      const at = clock(time)
      output.send([NOTE_ON, midi, velocity], at)
      output.send([NOTE_OFF, midi, 0], at + 1000 * seconds)
    },
    hear: (hand, is) => void (heard[hand] = is),
    balance: (hand, left) => void (share[hand] = left),
    silence: () => {
      // notes that are laid ahead are taken back where the outlet can
      ;(output as MIDIOutput & { clear?: () => void }).clear?.()
      output.send([CONTROL, ALL_NOTES_OFF, 0])
      own.silence()
    },
  }
}
