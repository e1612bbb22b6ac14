/** A word, a number or a sign of a line. Places count characters of the line as it was typed. */
export interface Token {
  readonly kind: 'word' | 'number' | 'sign'
  /** Lower case, without accents; signs of pitch written `#` and `b`. */
  readonly text: string
  readonly typed: string
  readonly from: number
  readonly to: number
}

const isDigit = (char: string): boolean => char >= '0' && char <= '9'
const isLetter = (char: string): boolean => char.toLowerCase() !== char.toUpperCase()
/** Signs of pitch belong to the word they stand in: F#, B♭, sol♯. */
const PITCH_SIGNS: Readonly<Record<string, string>> = { '#': '#', '♯': '#', '♭': 'b', '×': '##', '𝄪': '##', '𝄫': 'bb' }
/** A hyphen joins words that the grammar reads one by one: f-sharp, long-short. */
const SPACES = new Set([' ', '\t', '\n', '-', '–', '_', '.', '\u00a0'])

const ENDINGS = ['ths', 'nds', 'rds', 'ves', 'th', 'nd', 'st', 'rd', 've', 'va']

const plain = (text: string): string =>
  [...text.normalize('NFD')]
    .filter((char) => !(char >= '\u0300' && char <= '\u036f'))
    .map((char) => PITCH_SIGNS[char] ?? char)
    .join('')
    .toLowerCase()

/** What is written close up to a key's name: “Bflat”, “Am”, “F#m”, “Cdim”, “CM”; “Cdur”, “fismoll”. */
const CLOSE_UP =
  /^([a-g](?:#{1,2}|b{1,2})?)(sharp|flat)?(minor|major|min|maj|m|dim|aug|sus|dom|ø)?$|^([a-h](?:is|es|s)?)(dur|moll)$/
/** A capital M is major, a small one minor. */
const CAPITAL = 'maj'

function unglued(token: Token): Token[] {
  const found = token.kind === 'word' && token.text.length === token.typed.length ? CLOSE_UP.exec(token.text) : null
  const parts = (found ?? []).slice(1).filter((part) => part !== undefined)
  if (parts.length < 2) return [token]
  let { from } = token
  return parts.map((part): Token => {
    const typed = token.typed.slice(from - token.from, from - token.from + part.length)
    const each = { kind: 'word' as const, text: typed === 'M' ? CAPITAL : part, typed, from, to: from + part.length }
    from = each.to
    return each
  })
}

/** Cuts a line into tokens. Every character but spaces belongs to one of them. */
export function scan(line: string): Token[] {
  const chars = [...line]
  const tokens: Token[] = []
  let place = 0
  let at = 0
  const take = (kind: Token['kind'], while_: (char: string) => boolean): void => {
    const from = place
    let typed = ''
    do {
      typed += chars[at]
      place += chars[at]!.length
      at++
    } while (at < chars.length && while_(chars[at]!))
    tokens.push({ kind, typed, text: plain(typed), from, to: place })
  }
  /** `1st`, `7ths`, `8ve` are one word. */
  const joinEnding = (): void => {
    const rest = chars.slice(at).join('').toLowerCase()
    const ending = ENDINGS.find((each) => rest.startsWith(each) && !isLetter(rest[each.length] ?? ' '))
    if (!ending) return
    const number = tokens.pop()!
    const typed = number.typed + chars.slice(at, at + ending.length).join('')
    at += ending.length
    place += ending.length
    tokens.push({ kind: 'word', typed, text: plain(typed), from: number.from, to: place })
  }
  while (at < chars.length) {
    const char = chars[at]!
    if (SPACES.has(char)) {
      place += char.length
      at++
    } else if (isDigit(char)) {
      take('number', isDigit)
      joinEnding()
    } else if (isLetter(char) || char in PITCH_SIGNS) {
      take('word', (next) => isLetter(next) || next in PITCH_SIGNS || next === "'" || isMark(next))
    } else take('sign', () => false)
  }
  return tokens.flatMap(unglued)
}

/** Accents that follow their letter. */
const isMark = (char: string): boolean => char >= '\u0300' && char <= '\u036f'
