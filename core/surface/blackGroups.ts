/** Where a key lies beside the groups of two and three black keys; the same on every keyboard and on bars in two rows. */
const GROUP_PLACES = [
  'left-of-two',
  'first-of-two',
  'between-two',
  'second-of-two',
  'right-of-two',
  'left-of-three',
  'first-of-three',
  'before-middle-of-three',
  'middle-of-three',
  'after-middle-of-three',
  'last-of-three',
  'right-of-three',
] as const
export type GroupPlace = (typeof GROUP_PLACES)[number]

/** How a key is found from the black ones. @param midi any key, or its pitch class */
export const groupPlaceOf = (midi: number): GroupPlace => GROUP_PLACES[((midi % 12) + 12) % 12]!
