import { type Base, bothWays, degrees, MAJOR_SIGNATURE, MINOR_SIGNATURE, PLAIN_BASE } from './base'

const POSITION = { ...PLAIN_BASE, family: 'position', memory: 0 } as const
/** What lies under a hand that stays, or is shared by two; common practice. */
export const POSITIONS = {
  'five-finger-major': {
    ...POSITION,
    texture: 'position',
    mode: 'major',
    signature: MAJOR_SIGNATURE,
    ...bothWays(degrees([0, 2, 4, 5, 7])),
    written: 'major five-finger',
  },
  'five-finger-minor': {
    ...POSITION,
    texture: 'position',
    mode: 'minor',
    signature: MINOR_SIGNATURE,
    ...bothWays(degrees([0, 2, 3, 5, 7])),
    written: 'minor five-finger',
  },
  'tetrachords-major': {
    ...POSITION,
    texture: 'tetrachords',
    mode: 'major',
    signature: MAJOR_SIGNATURE,
    ...bothWays(degrees([0, 2, 4, 5, 7, 9, 11])),
    written: 'major in tetrachords',
  },
} as const satisfies Readonly<Record<string, Base>>
