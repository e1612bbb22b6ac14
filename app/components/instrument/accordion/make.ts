import { type BassCount, boardOf, buttonName, rowsOn, type Treble, trebleOf } from '#core/surface'
import { t } from '~/composables/words'

/** “41 keys”, “C-system, 5 rows”. */
export function trebleWords(id: Treble): string {
  const treble = trebleOf(id)
  return treble.plays === 'keys'
    ? t('accordion.of-keys', { keys: treble.keys })
    : t('accordion.of-buttons', { system: treble.system.toUpperCase(), rows: treble.rows })
}

/** A name as it is printed: B♭. */
export const printed = (name: string): string => name.replace(/#/g, '♯').replace(/b/g, '♭')

/** “6 × 20, B♭♭ to A♯”: rows, columns and their ends. */
export function boardWords(bass: BassCount): string {
  const { from, to } = boardOf(bass)
  const at = (column: number): string => printed(buttonName({ row: 'fundamental', column }))
  return t('accordion.of-board', { rows: rowsOn(bass), columns: to - from + 1, from: at(from), to: at(to) })
}
