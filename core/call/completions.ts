import { echoOf } from './echo'
import type { Message } from '../message'
import { read, RULES } from './read'
import { matches, type Rule, type Slot } from './rules'
import { scan, type Token } from './scan'

/** A way to go on: what replaces the end of the line from a place on, and what it would say. */
export interface Completion {
  readonly from: number
  readonly text: string
  readonly meaning: Message
}

const MAX = 6
/** Phrases longer than this are not looked for from so far back. */
const BACK = 4

/** How a slot is written out in full, as far as the line has said it. */
const written = (slot: Slot, token: Token | undefined): string => {
  if (slot.class === null) return slot.words.find((word) => token && word.startsWith(token.text)) ?? slot.words[0]!
  if (token) return token.typed
  return slot.class === 'note' ? 'C' : '2'
}

/** Whether a rule's first slots fit some tokens, the last of which may be unfinished; returns the phrase in full. */
function begun(rule: Rule, tokens: readonly Token[]): string | null {
  const needed = rule.slots.filter((slot) => !slot.optional)
  if (needed.length < tokens.length) return null
  const fits = tokens.every((token, at) => {
    const slot = needed[at]!
    if (at < tokens.length - 1 || slot.class !== null) {
      return matches({ ...rule, slots: [slot] }, [token], 0, false).length > 0
    }
    return slot.words.some((word) => word.startsWith(token.text))
  })
  if (!fits) return null
  return needed.map((slot, at) => written(slot, tokens[at])).join(' ')
}

/**
 * Ways in which an unfinished line may go on, the longest match first.
 * @param line as far as it is typed; the end is what is completed
 */
export function completionsOf(line: string): Completion[] {
  const tokens = scan(line)
  const last = tokens.at(-1)
  // a space after the last word says that it is finished
  if (!last || last.to < line.length) return []
  // what is part of a longer phrase already is not begun anew
  const phrase = read(line).at(-1)
  const least = phrase?.meaning ? tokens.filter(({ from }) => from >= phrase.from).length : 1
  const found = new Map<string, Completion & { back: number }>()
  for (let back = Math.min(BACK, tokens.length); back >= least; back--) {
    const some = tokens.slice(-back)
    for (const rule of RULES) {
      const text = begun(rule, some)
      const typed = some.map((token) => token.text).join(' ')
      if (!text || text === typed) continue
      const [meant] = read(text)
      if (!meant?.meaning || meant.meaning.part.is === 'filler' || meant.to !== text.length) continue
      const meaning = echoOf(meant.meaning.part)
      const key = JSON.stringify(meant.meaning.part)
      if (meaning && !found.has(key)) found.set(key, { from: some[0]!.from, text, meaning, back })
    }
  }
  return [...found.values()]
    .sort((a, b) => b.back - a.back || a.text.length - b.text.length)
    .slice(0, MAX)
    .map(({ from, text, meaning }) => ({ from, text, meaning }))
}
