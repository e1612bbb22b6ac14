import { asPage } from '../http'

/** A MIDI file (SMF 1.0, format 1) of melodies of eight notes that are no known material, each after a marker. */
export function unknownMelodies(count: number): Uint8Array {
  const bytes: number[] = []
  let seed = 7
  for (let piece = 0; piece < count; piece++) {
    bytes.push(0, 0xff, 6, 1, 0x6d)
    for (let note = 0; note < 8; note++) {
      seed = (seed * 48271) % 2147483647
      const pitch = 60 + [0, 2, 4, 5, 7, 9, 11][seed % 7]!
      bytes.push(0, 0x90, pitch, 60, 0x81, 0x70, 0x80, pitch, 0)
    }
  }
  bytes.push(0, 0xff, 0x2f, 0)
  const size = [24, 16, 8, 0].map((shift) => (bytes.length >>> shift) & 255)
  const head = [...Buffer.from('MThd'), 0, 0, 0, 6, 0, 1, 0, 1, 1, 0xe0, ...Buffer.from('MTrk'), ...size]
  return Uint8Array.from([...head, ...bytes])
}

/** Heavy work of one, as long as it takes until it is told to stop. */
export function heavyWork(address: string) {
  let over = false
  const midi = unknownMelodies(300)
  const recipes = Array.from({ length: 40 }, (_, at) => ({
    ...{ material: { tonic: 'C', kind: 'major' }, octaves: 3, hands: 'left', instrument: 'accordion' },
    ...{ pattern: { walk: 'add-a-note' }, tempo: { bpm: 40 + at } },
  }))
  const kinds: readonly (() => Promise<Response>)[] = [
    () =>
      fetch(`${address}/api/files/read`, {
        method: 'POST',
        headers: { origin: address, 'content-type': 'application/octet-stream', 'x-page': 'heavy' },
        body: Buffer.from(midi),
      }),
    () => asPage(address, '/api/studies/batch', 'POST', { recipes }),
    () => fetch(`${address}/api/archive`, { headers: { 'x-page': 'heavy' } }),
  ]
  const done: number[] = []
  const work = kinds.flatMap((kind) =>
    [0, 1].map(async () => {
      while (!over) {
        const answer = await kind()
        await answer.arrayBuffer()
        done.push(answer.status)
      }
    }),
  )
  return {
    done,
    async stop() {
      over = true
      await Promise.all(work)
    },
  }
}
