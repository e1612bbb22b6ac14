import { freeMaterial, type Material, materialOf } from '../material'
import { parsePitch } from '../pitch'
import { type CommonRecipe, isFree } from '../study'

/** The material that a complete recipe names. @throws DomainError */
export function materialFor({ material, signature }: Pick<CommonRecipe, 'material' | 'signature'>): Material {
  if (!isFree(material)) return materialOf(material, signature)
  const [first] = material.pitches
  return freeMaterial(parsePitch(typeof first === 'string' ? first : first![0]!))
}
