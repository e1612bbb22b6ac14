export type Hand = 'right' | 'left'
/** Fingers counted from the thumb. */
export type Finger = 1 | 2 | 3 | 4 | 5
/** The hand that holds the stick, as it is written over a note. */
export type Stick = 'R' | 'L'
