import { formatError } from './messages'
import { type FoundPiece, MAX_PIECES } from './reading'
import { formatIn, formatOf } from './table'

/**
 * Pieces of a file of music, whichever of our formats it has.
 * @throws DomainError `format.unknown`, `format.size`, `format.pieces`, and as the format's reader
 */
export function openFile(bytes: Uint8Array): FoundPiece[] {
  const id = formatIn(bytes)
  const format = id && formatOf(id)
  if (!format?.read) throw formatError('format.unknown', {}, 'file')
  if (bytes.length > format.most) throw formatError('format.size', { most: format.most / 1_000_000 }, 'file')
  const pieces = format.read(bytes)
  if (pieces.length > MAX_PIECES) throw formatError('format.pieces', { most: MAX_PIECES }, 'file')
  return pieces
}
