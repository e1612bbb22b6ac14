import { describe, expect, it } from 'vitest'
import { makes } from '../../../app/components/instrument/accordion/voice'
import { layoutOf } from '#engraving'
import { accordion } from '../../support/accordion'
import { laneOf, bellowsIn } from '#pictures'

const RATE = 22050
const { note, seconds } = makes.accordion!

/** How much of a frequency some samples hold (Goertzel's algorithm). */
function levelAt(samples: Float32Array, frequency: number): number {
  const twice = 2 * Math.cos((2 * Math.PI * frequency) / RATE)
  let [before, now] = [0, 0]
  for (const sample of samples) [before, now] = [now, sample + twice * now - before]
  return Math.sqrt(before ** 2 + now ** 2 - twice * before * now) / samples.length
}
const loudness = (samples: Float32Array): number =>
  Math.sqrt(samples.reduce((sum, each) => sum + each * each, 0) / samples.length)

describe('a reed', () => {
  it.each([
    [69, 440],
    [45, 110],
    [81, 880],
  ])('of MIDI %i sounds at %i Hz, and an octave up more softly', (midi, hertz) => {
    const samples = note(midi, RATE, 2).slice(RATE / 2, RATE)
    const own = levelAt(samples, hertz)
    expect(own).toBeGreaterThan(5 * levelAt(samples, hertz * 1.06))
    expect(own).toBeGreaterThan(levelAt(samples, hertz * 2))
    expect(levelAt(samples, hertz * 2)).toBeGreaterThan(levelAt(samples, hertz * 1.5))
  })

  it('is as loud after six seconds as after one, begins from nothing and stays within bounds', () => {
    const samples = note(60, RATE, seconds)
    const [early, late] = [loudness(samples.slice(RATE, 3 * RATE)), loudness(samples.slice(5 * RATE, 7 * RATE))]
    expect(late / early).toBeGreaterThan(0.75)
    expect(late / early).toBeLessThan(1.33)
    expect(Math.abs(samples[0]!)).toBeLessThan(1e-3)
    expect(samples.every((each) => Math.abs(each) <= 1)).toBe(true)
  })
})

describe('what stands over and under an accordion’s score', () => {
  const study = accordion('C', 'major', { bellows: { turn: 'octave' } }, { octaves: 2 })
  const [system] = layoutOf(study, 1000)

  it('runs from turn to turn, and ends where the line does', () => {
    const ways = bellowsIn(study, system!)
    expect(ways.map(({ direction }) => direction)).toEqual(['opening', 'closing', 'opening', 'closing'])
    ways.forEach((way, at) => {
      expect(way.end).toBeGreaterThan(way.x)
      if (at > 0) expect(way.x).toBeGreaterThan(ways[at - 1]!.end)
      expect([way.begins, way.turns]).toEqual([true, at < 3])
    })
  })

  it('goes on over the next system', () => {
    const long = accordion('C', 'major', {}, { octaves: 2, tempo: { bpm: 60, notesPerBeat: 1 } })
    const systems = layoutOf(long, 420)
    expect(systems.length).toBeGreaterThan(1)
    const second = bellowsIn(long, systems[1]!)[0]!
    expect([second.begins, second.from]).toEqual([false, systems[1]!.from])
  })

  it('stands chords in one line, basses beneath by their columns', () => {
    const marks = laneOf(study, system!, 0, 84)
    const [bass, chord, alternate] = marks
    expect([bass!.shape, chord!.shape, alternate!.shape]).toEqual(['bass', 'chord', 'bass'])
    expect(chord!.y).toBeLessThan(alternate!.y)
    // G lies nearer the chin than C, so higher
    expect(alternate!.y).toBeLessThan(bass!.y)
    expect(bass!.x).toBe(system!.columns[0])
    const scale = laneOf(accordion('C', 'major', {}, { hands: 'left', octaves: 1 }), system!, 0, 150)
    expect(scale[2]!.shape).toBe('counterbass')
  })
})
