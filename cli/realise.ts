import { createInterface } from 'node:readline'
import { RecipeError } from '#core/pitch'
import { realise, type RealisedHand, type RealisedStudy } from '#core/realise'
import { parsedJson, recipeOf } from '#shared/schemas'

const MOST_CHARACTERS = 1_000_000

/** A hand as the terminal's contract has it. */
const handOf = ({ pitches, midi, fingers, crossings, cost, reasons }: RealisedHand) => ({
  pitches,
  midi,
  fingers,
  crossings,
  cost,
  reasons,
})

export function resultOf({ recipe, title, twin, keySignature, hands, together }: RealisedStudy) {
  const parts = Object.entries(hands).map(([hand, part]) => [hand, handOf(part)])
  return { recipe, title, twin, keySignature, hands: Object.fromEntries(parts), ...(together ? { together } : {}) }
}

/** One line in, one value out; errors are values too. */
export function realiseLine(line: string): { result: object; ok: boolean } {
  try {
    if (line.length > MOST_CHARACTERS) {
      throw new RecipeError('line.size', 'The line is longer than a million characters.', '')
    }
    return { result: resultOf(realise(recipeOf(parsedJson(line)))), ok: true }
  } catch (error) {
    if (error instanceof RecipeError) return { result: { error: error.toFault() }, ok: false }
    throw error
  }
}

/** Realises recipes, one JSON object a line, in order, each answered before the next is read. Blank lines are skipped. */
export async function realiseLines(input: NodeJS.ReadableStream, output: NodeJS.WritableStream): Promise<number> {
  let failed = false
  for await (const line of createInterface({ input, crlfDelay: Infinity })) {
    if (line.trim() === '') continue
    const { result, ok } = realiseLine(line)
    failed ||= !ok
    await new Promise<void>((resolve) => output.write(`${JSON.stringify(result)}\n`, () => resolve()))
  }
  return failed ? 1 : 0
}
