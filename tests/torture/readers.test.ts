import { describe, expect, it } from 'vitest'
import { openFile } from '#core/formats'

/** A MIDI file (SMF 1.0) of one track with these events. */
function midi(events: readonly (readonly number[])[]): Uint8Array {
  const body = [...events, [0, 0xff, 0x2f, 0]].flat()
  const size = [24, 16, 8, 0].map((shift) => (body.length >>> shift) & 255)
  const head = [...Buffer.from('MThd'), 0, 0, 0, 6, 0, 0, 0, 1, 1, 0xe0, ...Buffer.from('MTrk'), ...size]
  const file = new Uint8Array(head.length + body.length)
  file.set(head)
  file.set(body, head.length)
  return file
}
const [BEGINS, ENDS, MARKER] = [
  [1, 0x90, 60, 60],
  [1, 0x80, 60, 0],
  [1, 0xff, 6, 1, 0x6d],
] as const
const times = <T>(count: number, thing: T): T[] => Array.from({ length: count }, () => thing)

const measure = (inside: string, attributes = ''): Uint8Array =>
  new TextEncoder().encode(
    `<?xml version="1.0"?><score-partwise version="4.0"><part-list><score-part id="P"><part-name>P</part-name></score-part>` +
      `</part-list><part id="P"><measure number="1"${attributes}>${inside}</measure></part></score-partwise>`,
  )
const note = (besides = ''): string =>
  `<note><pitch><step>C</step><octave>4</octave></pitch><duration>1</duration>${besides}</note>`

/** What a file may have without end, by how much of it there is. */
const ENDLESS: Readonly<Record<string, (count: number) => Uint8Array>> = {
  'notes that never end': (count) => midi([...times(count, BEGINS), ENDS]),
  'notes that end late': (count) =>
    midi([...times(Math.min(count, 19_000), BEGINS), ...times(Math.min(count, 19_000), ENDS)]),
  markers: (count) => midi([BEGINS, ENDS, ...times(count, MARKER)]),
  ties: (count) => measure(note() + note('<tie type="stop"/>').repeat(count / 4)),
  attributes: (count) =>
    measure(
      note(),
      times(count, 0)
        .map((_, at) => ` a${at}="1"`)
        .join(''),
    ),
  clefs: (count) =>
    measure(`<attributes>${'<clef number="1"><sign>G</sign></clef>'.repeat(count / 2)}</attributes>${note()}`),
}

describe('readers of files', () => {
  it.each(Object.entries(ENDLESS))(
    'take for sixteen times as many %s no more than a few times sixteen as long',
    (_, make) => {
      const taken = (count: number): number => {
        const file = make(count)
        const began = performance.now()
        expect(openFile(file)).toHaveLength(1)
        return performance.now() - began
      }
      const [few, many] = [10_000, 160_000]
      taken(few)
      const short = Math.max(5, Math.min(taken(few), taken(few)))
      // one that looks at each of them for each of them would take 256 times as long
      expect(taken(many)).toBeLessThan(short * 100)
    },
  )
})
