/** Inks of paper, as on the screen: what is said, what is said aside, thin rules. */
export const INK = '#17211d'
export const SOFT = '#55625c'
export const RULE = '#c9d2cb'
export const WHITE = '#ffffff'
/** Where both hands meet. */
export const MET = '#2b6a4c'
/** The hands, and the wash under a grip; told apart by light and dark too, since many print in grey. */
export const HANDS = {
  right: { ink: '#8a5200', wash: '#f4ddb0' },
  left: { ink: '#1c5573', wash: '#c3dfeb' },
} as const
