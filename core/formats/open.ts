import { formatError } from './messages'
import type { FoundPiece } from './reading'
import { formatIn, formatOf } from './table'

/**
 * Pieces of a file of music, whichever of our formats it has.
 * @throws DomainError `format.unknown`, `format.size`, and as the format's reader
 */
export function openFile(bytes: Uint8Array): FoundPiece[] {
  const id = formatIn(bytes)
  const format = id && formatOf(id)
  if (!format?.read) throw formatError('format.unknown', {}, 'file')
  if (bytes.length > format.most) throw formatError('format.size', { most: format.most / 1_000_000 }, 'file')
  return format.read(bytes)
}
