import type { LinkId } from '../names'

/** How what leads from key to key is called. */
export const LINK_CALLS: Readonly<Record<LinkId, readonly string[]>> = {
  none: ['no link', 'without a? link', 'sin enlace'],
  above: ['led from above', 'led|leading from above', 'link from above', 'enlace? desde arriba'],
  below: ['led from below', 'led|leading from below', 'link from below', 'enlace? desde abajo'],
  common: ['led by a common note', 'led? by a common note', 'by the common note', 'por la? nota comun'],
  step: ['led by step', 'led|link by step', 'led by scale steps?', 'por grados conjuntos'],
  'chord-tone': ['led to the beat', 'led to the beat', 'chord tone on the beat', 'nota del acorde en el tiempo'],
}
