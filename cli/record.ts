import { createInterface } from 'node:readline'
import { parseArgs } from 'node:util'
import { completeRecipe, type Recipe } from '#core/instrument'
import { readSpokenLine } from '#core/practice'
import { setFileOf } from '#shared/schemas'
import { guarded, readJsonFile } from './files'
import { refuse } from './messages'
import { type Terminal, writeLine } from './terminal'

const MAX_CHARACTERS = 2000

/** What a line says of the studies of a set; what nobody said is null. */
function lineRead(line: string, studies: readonly Recipe[]): object {
  const said = readSpokenLine(line.slice(0, MAX_CHARACTERS), studies).map((each) => ({
    outcome: each.outcome,
    bpm: each.bpm,
    hands: each.hands,
    place: each.place,
    studies: each.studies,
    unread: each.unread,
  }))
  return { line, said }
}

function studiesOf(args: readonly string[]): readonly Recipe[] {
  let file: string | undefined
  try {
    file = parseArgs({ args: [...args], options: { set: { type: 'string' } } }).values.set
  } catch (error) {
    throw refuse('option.unknown', { why: (error as Error).message }, '')
  }
  return setFileOf(readJsonFile(file, 'set')).studies.map((study) => completeRecipe(study))
}

/**
 * `read --set FILE`: lines of what was played on standard input, one JSON object a line, in order. Exit status 1 where
 * the command or the set is refused.
 */
export async function record([action, ...args]: readonly string[], terminal: Terminal): Promise<number> {
  return guarded(terminal, async () => {
    if (action !== 'read') throw refuse('option.record', {}, 'action')
    const studies = studiesOf(args)
    for await (const line of createInterface({ input: terminal.input, crlfDelay: Infinity })) {
      if (line.trim() === '') continue
      await writeLine(terminal, lineRead(line, studies))
    }
  })
}
