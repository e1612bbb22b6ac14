/** Inks of paper, as on the screen: what is said, what is said aside, thin rules. */
export const INK = '#17211d'
export const SOFT = '#55625c'
export const RULE = '#c9d2cb'
