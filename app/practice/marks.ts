import type { Row } from '#shared/practiceView'

/** A cold test on the line: right at the tempo asked, right below it, hesitated, wrong. */
export type TestMark = 'at' | 'below' | 'hesitated' | 'wrong'

export function markOf({ outcome, tempo }: Row['tries'][number], required: number): TestMark {
  if (outcome === 'wrong') return 'wrong'
  if (outcome === 'hesitated') return 'hesitated'
  return tempo >= required ? 'at' : 'below'
}
