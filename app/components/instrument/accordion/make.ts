import {
  type BassCount,
  BASSES,
  type SaidMake,
  boardOf,
  boardSize,
  buttonName,
  isUsualMake,
  rowsOn,
  type Treble,
  trebleOf,
} from '#core/surface'
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

/** “48 bass”; “45 basses of one's own make” by what there is. */
export const boardNamed = (make: SaidMake): string =>
  isUsualMake(make)
    ? t('accordion.bass', { bass: make.bass ?? BASSES[0] })
    : t('accordion.bass.own', { count: boardSize(make) })

/** “6 × 20, B♭♭ to A♯”: rows, columns and their ends. */
export function boardWords(bass: BassCount): string {
  const { from, to } = boardOf({ bass })
  const at = (column: number): string => printed(buttonName({ row: 'fundamental', column }))
  return t('accordion.of-board', { rows: rowsOn(bass), columns: to - from + 1, from: at(from), to: at(to) })
}
