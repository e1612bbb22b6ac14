/** What leads from one key to the next. */
export const LINK_CALLS = {
  none: ['no link', 'without a? link', 'sin enlace'],
  above: ['led from above', 'led|leading from above', 'link from above', 'enlace? desde arriba'],
  below: ['led from below', 'led|leading from below', 'link from below', 'enlace? desde abajo'],
  common: ['led by a common note', 'led? by a common note', 'by the common note', 'por la? nota comun'],
  step: ['led by step', 'led|link by step', 'led by scale steps?', 'por grados conjuntos'],
  'chord-tone': ['led to the beat', 'led to the beat', 'chord tone on the beat', 'nota del acorde en el tiempo'],
} as const satisfies Readonly<Record<string, readonly string[]>>

export type LinkId = keyof typeof LINK_CALLS
export const LINKS = Object.keys(LINK_CALLS) as LinkId[]
