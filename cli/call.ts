import { createInterface } from 'node:readline'
import { parseArgs } from 'node:util'
import { parseCall } from '#core/call'
import { completeRecipe, playerSettingsOf, type RecipeInput } from '#core/instrument'
import { DomainError, type Message } from '#core/message'
import { recipeOf } from '#shared/schemas'
import { errorMessage, formatMessage } from '#words'
import { guarded, readJsonFile } from './files'
import { refuse } from './messages'
import { type Terminal, writeLine } from './terminal'

const MAX_CHARACTERS = 2000
/** What is said for information only and asks nothing. */
const TOLD = ['call.changes', 'call.pace', 'call.both-hands']

/** A line as it is understood: studies with nothing left out, what is open, words that say nothing. */
function lineRead(line: string, base: RecipeInput | undefined, { words }: Terminal): object {
  const inWords = (message: Message): { code: string; text: string } => ({
    code: message.code,
    text: formatMessage(message, words.reader),
  })
  const { studies, understood, remarks, problems } = parseCall(line.slice(0, MAX_CHARACTERS), {
    base,
    player: base && playerSettingsOf(base),
  })
  const open = [...problems, ...remarks].filter(({ code }) => !TOLD.includes(code)).map(inWords)
  const unread = understood.filter(({ meaning, typed }) => !meaning && typed !== ';').map(({ typed }) => typed)
  const complete: object[] = []
  for (const study of studies) {
    try {
      complete.push(completeRecipe(study))
    } catch (error) {
      if (!(error instanceof DomainError)) throw error
      open.push(inWords(errorMessage(error)))
    }
  }
  return { line, studies: complete, open, unread }
}

function baseOf(args: readonly string[]): RecipeInput | undefined {
  let over: string | undefined
  try {
    over = parseArgs({ args: [...args], options: { over: { type: 'string' } } }).values.over
  } catch (error) {
    throw refuse('option.unknown', { why: (error as Error).message }, '')
  }
  return over === undefined ? undefined : completeRecipe(recipeOf(readJsonFile(over, 'over')))
}

/**
 * `[--over FILE]`: lines as they are called on standard input, one JSON object a line, in order. Exit status 1 where an
 * option or the recipe is refused.
 */
export async function call(args: readonly string[], terminal: Terminal): Promise<number> {
  return guarded(terminal, async () => {
    const base = baseOf(args)
    for await (const line of createInterface({ input: terminal.input, crlfDelay: Infinity })) {
      if (line.trim() === '') continue
      await writeLine(terminal, lineRead(line, base, terminal))
    }
  })
}
