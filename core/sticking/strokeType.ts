/** How one stroke of four mallets is made; common practice. */
export type StrokeType =
  | 'single-independent'
  | 'single-alternating'
  | 'double-lateral-out'
  | 'double-lateral-in'
  | 'double-vertical'
  | 'hand-to-hand'
