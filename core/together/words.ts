import { type Note, printedName } from '../pitch'
import type { Together } from './together'

const list = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

/** Where the hands meet on some steps: by note name while they play the same, else by right and left. */
function places(steps: readonly number[], right: readonly Note[], left: readonly Note[]): string {
  const names = steps.map((step) => {
    const [upper, lower] = [printedName(right[step]!), printedName(left[step]!)]
    return upper === lower ? upper : `${upper} with ${lower}`
  })
  return list([...new Set(names)])
}

const times = (count: number): string => (count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`)

/** What a teacher would say of both hands: anchors first, then who crosses when. One sentence each. */
export function meetingWords(together: Together, right: readonly Note[], left: readonly Note[]): string[] {
  const { thumbs, thirds, crossings } = together
  const anchor = (steps: readonly number[], fingers: string): string =>
    steps.length > 0
      ? `${fingers} meet on ${places(steps, right, left)}: ${times(steps.length)}.`
      : `${fingers} never meet.`
  const both =
    crossings.both.length > 0
      ? `Both hands cross at once on ${places(crossings.both, right, left)}.`
      : 'The hands never cross on the same note.'
  const followers = crossings.right.filter((step) => crossings.left.includes(step + 1)).length
  const after = followers > 0 ? ` The left crosses straight after the right: ${times(followers)}.` : ''
  return [anchor(thumbs, 'Thumbs'), anchor(thirds, 'Third fingers'), both + after]
}
