import type { Register } from '#core/buttons'

/** The symbol of a register: a ring in three, a dot for each rank of reeds that sounds, the highest above. Pixels. */
export interface RegisterSymbol {
  readonly radius: number
  /** From the middle of the ring. */
  readonly lines: readonly string[]
  readonly dots: readonly { readonly y: number }[]
}

const RADIUS = 9
/** Heights of the ranks from the middle of the ring, by their feet. */
const RANKS: Readonly<Record<Register, number>> = { '4': -5.9, '8': 0, '16': 5.9 }
const LINE = 3

/** The symbol of some ranks (common practice of the trade). */
export function registerSymbol(feet: readonly Register[]): RegisterSymbol {
  const half = Math.sqrt(RADIUS ** 2 - LINE ** 2)
  return {
    radius: RADIUS,
    lines: [-LINE, LINE].map((y) => `M${-half} ${y}H${half}`),
    dots: feet.map((rank) => ({ y: RANKS[rank] })),
  }
}
