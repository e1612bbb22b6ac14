import { describe, expect, it, vi } from 'vitest'
import type { Instrument } from '~/sound/instrument'
import { sentTo } from '~/sound/midiOut'

vi.mock('tone', () => ({ getContext: () => ({ currentTime: 0 }) }))

const own = {
  ...{ strike: vi.fn(), click: vi.fn(), hear: vi.fn(), balance: vi.fn(), add: vi.fn(), dress: vi.fn() },
  ...{ silence: vi.fn(), dispose: vi.fn() },
} satisfies Instrument

/** An outlet that keeps what it is sent; its clock begins a second before the audio clock. */
function outlet() {
  const sent: (readonly [number[], number?])[] = []
  const output = { send: (bytes: number[], at?: number) => void sent.push([bytes, at]), clear: vi.fn() }
  const instrument = sentTo(output as unknown as MIDIOutput, own, (time) => 1000 * (time + 1))
  return { sent, output, instrument }
}

describe('notes that are sent to an instrument outside', () => {
  it('begin and end when they do on the audio clock, as strong as they are', () => {
    const { sent, instrument } = outlet()
    instrument.strike('right', { midi: 60, strength: 0.5 }, 0.25, 2)
    instrument.strike('left', { midi: 48, strength: 1 }, 0.5, 2.5)
    expect(sent).toEqual([
      [[0x90, 60, 64], 3000],
      [[0x80, 60, 0], 3250],
      [[0x90, 48, 127], 3500],
      [[0x80, 48, 0], 4000],
    ])
    expect(own.strike).not.toHaveBeenCalled()
  })

  it('are those of the hands that are heard, weaker where the other hand is leant to', () => {
    const { sent, instrument } = outlet()
    instrument.hear('left', false)
    instrument.strike('left', { midi: 48, strength: 1 }, 0.5, 0)
    expect(sent).toEqual([])
    instrument.hear('left', true)
    instrument.balance('left', 0.5)
    instrument.strike('left', { midi: 48, strength: 1 }, 0.5, 0)
    instrument.balance('left', 0)
    instrument.strike('left', { midi: 48, strength: 1 }, 0.5, 0)
    expect(sent.filter(([[status]]) => status === 0x90).map(([[, , velocity]]) => velocity)).toEqual([64])
  })

  it('are taken back and let go when it is stopped', () => {
    const { sent, output, instrument } = outlet()
    instrument.silence()
    expect(output.clear).toHaveBeenCalled()
    expect(sent).toEqual([[[0xb0, 123, 0], undefined]])
    expect(own.silence).toHaveBeenCalled()
  })

  it('leave the clicks here', () => {
    const { sent, instrument } = outlet()
    instrument.click('bar', 1)
    expect(sent).toEqual([])
    expect(own.click).toHaveBeenCalledWith('bar', 1)
  })
})
