import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { ENGLISH } from '#words/languages'
import { translationIn, translationOut, type Translation } from '#words/translation'
import { parsedJson } from '#shared/schemas'
import { answered } from './files'
import { refuse } from './messages'
import type { Terminal } from './terminal'
import { wordsList } from './wordsList'

const TAG = /^[a-z]{2,3}(-[A-Za-z0-9]{2,8})*$/
/** How many codes of each sort a report names; it counts them all. */
const MAX_NAMED = 20

const catalogueOf = (tag: string): string => path.join('words', `${tag}.json`)
const known = (tag: string): Record<string, string> =>
  existsSync(catalogueOf(tag)) ? (JSON.parse(readFileSync(catalogueOf(tag), 'utf8')) as Record<string, string>) : {}

function fileRead(file: string): Translation {
  try {
    return parsedJson(readFileSync(file, 'utf8')) as Translation
  } catch (error) {
    if (error instanceof Error && 'path' in error && !('syscall' in error)) throw error
    throw refuse('file', { file, why: (error as Error).message }, 'file')
  }
}

/** A text on one line: where it stands, its code, and what it says, parted by tabs. */
function printList(terminal: Terminal): void {
  for (const { code, text, pages } of wordsList(ENGLISH.catalogue))
    terminal.output.write(`${pages.join(' ') || '-'}\t${code}\t${text.replaceAll('\n', ' ')}\n`)
}

/**
 * `list` prints every text with the pages where it stands (`/`: on every page, `-`: where a study, a file or an error is
 * put into words). `out TAG [FILE]` writes the catalogue for a translator; `in TAG [FILE]` takes it back as `words/TAG.json` and reports
 * what is missing and what could not be taken. The file is `TAG.arb` unless named.
 */
export function words([action, tag, file]: readonly string[], terminal: Terminal): Promise<number> {
  if (action === 'list') {
    printList(terminal)
    return Promise.resolve(0)
  }
  return answered(terminal, () => {
    if (action !== 'out' && action !== 'in') throw refuse('option.words', {}, 'action')
    if (!tag || !TAG.test(tag)) throw refuse('option.among', { among: 'es, fr, pt-BR' }, 'tag')
    const own = file ?? `${tag}.arb`
    if (action === 'out') {
      const written = translationOut(tag, ENGLISH.catalogue, known(tag))
      writeFileSync(own, `${JSON.stringify(written, null, 2)}\n`)
      return { out: own, texts: Object.keys(ENGLISH.catalogue).length }
    }
    const { catalogue, missing, unknown, wrong } = translationIn(fileRead(own), ENGLISH.catalogue)
    writeFileSync(catalogueOf(tag), `${JSON.stringify(catalogue, null, 2)}\n`)
    return {
      in: catalogueOf(tag),
      texts: Object.keys(catalogue).length,
      missing: { count: missing.length, first: missing.slice(0, MAX_NAMED) },
      unknown: unknown.slice(0, MAX_NAMED),
      wrong: wrong.slice(0, MAX_NAMED),
    }
  })
}
