import { errorMaker } from '../message'

/** Why a file is not read. */
export interface FormatErrors {
  'format.unknown': null
  'format.size': { most: number }
  'format.broken': { format: string }
  'format.entities': null
  'format.packed': null
  'format.notes': { most: number }
  'format.pieces': { most: number }
  'format.empty': null
  'format.pitch': { measure: string }
}
export const formatError = errorMaker<FormatErrors>()
