import { expect } from 'vitest'
import type { Finger, Hand } from '#core/study'
import { isBlack } from '#core/surface'

/**
 * A hand can play a line of single notes so: no finger twice running on different keys (a slide from a black key to the
 * white one beside it aside, where a school has it), and fingers pass nothing but the thumb.
 */
export function expectPlayable(hand: Hand, midi: readonly number[], fingers: readonly Finger[], slides = false): void {
  const side = hand === 'right' ? 1 : -1
  for (let at = 1; at < midi.length; at++) {
    if (midi[at] === midi[at - 1]) continue
    const [outer, inner] = (midi[at]! - midi[at - 1]!) * side > 0 ? [at, at - 1] : [at - 1, at]
    const [f, g] = [fingers[inner]!, fingers[outer]!]
    const slid = slides && f === g && isBlack(midi[at - 1]!) && !isBlack(midi[at]!)
    expect(
      slid || f < g || (g === 1 && f > 1),
      `${hand} ${midi[at - 1]}-${midi[at]}: ${fingers[at - 1]} ${fingers[at]}`,
    ).toBe(true)
  }
}
