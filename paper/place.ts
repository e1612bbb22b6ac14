import type { Drawn } from './page'

const NUMBER = /-?\d*\.?\d+(?:e-?\d+)?/gi

/** Path data scaled and moved; all of its lengths but those of h, v and radii are absolute. */
function placedPath(d: string, x: number, y: number, scale: number): string {
  return d.replace(/([a-z])([^a-z]*)/gi, (_, command: string, rest: string) => {
    const numbers = (rest.match(NUMBER) ?? []).map(Number)
    const moved = numbers.map((value, at) => {
      if (command === 'h' || command === 'v') return value * scale
      if (command === 'H') return value * scale + x
      if (command === 'V') return value * scale + y
      // radii, turn and flags of an arc stand before its end
      if (command === 'A' && at % 7 < 5) return at % 7 < 2 ? value * scale : value
      const across = command === 'A' ? at % 7 === 5 : at % 2 === 0
      return value * scale + (across ? x : y)
    })
    return command + moved.map((value) => Number(value.toFixed(2))).join(' ')
  })
}

/** What was drawn elsewhere, scaled and put where it belongs on a page. */
export const placed = (drawn: Drawn, x: number, y: number, scale: number): Drawn =>
  drawn.kind === 'text'
    ? { ...drawn, x: drawn.x * scale + x, y: drawn.y * scale + y, size: drawn.size * scale }
    : {
        ...drawn,
        d: placedPath(drawn.d, x, y, scale),
        width: drawn.width * scale,
        ...(drawn.dash && { dash: drawn.dash.map((length) => length * scale) }),
      }
