/** Letters to change, add, drop or swap to make one word of another (restricted Damerau-Levenshtein distance). */
function distance(one: string, other: string): number {
  const rows: number[][] = [Array.from({ length: other.length + 1 }, (_, at) => at)]
  for (let i = 1; i <= one.length; i++) {
    const row = [i]
    for (let j = 1; j <= other.length; j++) {
      const change = one[i - 1] === other[j - 1] ? 0 : 1
      let least = Math.min(rows[i - 1]![j]! + 1, row[j - 1]! + 1, rows[i - 1]![j - 1]! + change)
      const swapped = i > 1 && j > 1 && one[i - 1] === other[j - 2] && one[i - 2] === other[j - 1]
      if (swapped) least = Math.min(least, rows[i - 2]![j - 2]! + 1)
      row.push(least)
    }
    rows.push(row)
  }
  return rows[one.length]![other.length]!
}

/** The word most like another one, if any is like it at all: no more than one letter in three may differ. */
export function nearestWord(word: string, among: readonly string[]): string | null {
  let best: { word: string; distance: number } | null = null
  const most = Math.max(1, Math.floor(word.length / 3))
  for (const other of among) {
    if (Math.abs(other.length - word.length) > most) continue
    const far = distance(word, other)
    if (far <= most && far < (best?.distance ?? Infinity)) best = { word: other, distance: far }
  }
  // a single letter is like every other one: that is no likeness
  return best && best.word.length > 1 ? best.word : null
}

/** Shorter words are like too many others. */
const LEAST_LETTERS = 4

/** The word that was meant by a slip of one letter: changed, added, left out or swapped with the next. */
export function meantWord(word: string, among: readonly string[]): string | null {
  if (word.length < LEAST_LETTERS || among.includes(word)) return null
  const meant = among.filter(
    (other) =>
      other.length >= LEAST_LETTERS - 1 && Math.abs(other.length - word.length) <= 1 && distance(word, other) === 1,
  )
  // of “major” and “maj” the longer is what was being typed
  return meant.toSorted((a, b) => b.length - a.length || a.localeCompare(b))[0] ?? null
}
