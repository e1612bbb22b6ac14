export type Hand = 'right' | 'left'
/** Fingers counted from the thumb. */
export type Finger = 1 | 2 | 3 | 4 | 5
