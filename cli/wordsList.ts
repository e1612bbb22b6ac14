import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import type { Catalogue } from '#words'

/** A text, its code, and the pages on which it stands; none where it is made of what a study is. */
export interface ListedText {
  readonly code: string
  readonly text: string
  readonly pages: readonly string[]
}

const CODE = /['"`]([a-z][\w-]*(?:\.[\w-]+)+)['"`]/g
const IMPORT = /(?:from|import\()\s*['"](~\/|\.\.?\/)([^'"]+)['"]/g
const GLOB = /import\.meta\.glob[^(]*\(\s*['"]([^'"*]+)\*\/([^'"]+)['"]/g
const ENDINGS = ['', '.ts', '.vue', '/index.ts']

const filesIn = (folder: string, ending: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith(ending))
    .map((name) => path.join(folder, name))
    .sort()

/** The files of the page by their name. */
class Sources {
  private readonly texts = new Map<string, string>()

  constructor(private readonly app: string) {
    for (const file of [...filesIn(app, '.vue'), ...filesIn(app, '.ts')])
      this.texts.set(file, readFileSync(file, 'utf8'))
  }

  private found(target: string): string[] {
    return ENDINGS.map((ending) => target + ending)
      .filter((file) => this.texts.has(file))
      .slice(0, 1)
  }

  /** What a file asks for: by its imports, and every folder's part where it takes them all. */
  private importsOf(file: string): string[] {
    const text = this.texts.get(file)!
    const here = path.dirname(file)
    const named = [...text.matchAll(IMPORT)].flatMap(([, root, rest]) =>
      this.found(path.join(root === '~/' ? this.app : path.join(here, root!), rest!)),
    )
    const globbed = [...text.matchAll(GLOB)].flatMap(([, folder, name]) =>
      [...this.texts.keys()].filter(
        (each) => each.startsWith(path.join(here, folder!)) && path.basename(each) === name && each !== file,
      ),
    )
    return [...named, ...globbed]
  }

  /** Codes that a file and all it asks for speak of. */
  codesFrom(start: string): Set<string> {
    const seen = new Set<string>()
    const codes = new Set<string>()
    const open = [start]
    for (let file = open.pop(); file !== undefined; file = open.pop()) {
      if (seen.has(file)) continue
      seen.add(file)
      for (const [, code] of this.texts.get(file)!.matchAll(CODE)) codes.add(code!)
      open.push(...this.importsOf(file))
    }
    return codes
  }
}

/** `pages/pupils/[id]/index.vue` as `/pupils/[id]`. */
const addressOf = (pages: string, file: string): string =>
  `/${path
    .relative(pages, file)
    .replace(/\.vue$/, '')
    .replace(/(^|\/)index$/, '')}`

/** Every text and the pages that name it. @param root the folder of the project */
export function wordsList(catalogue: Catalogue, root = '.'): ListedText[] {
  const app = path.join(root, 'app')
  const pages = path.join(app, 'pages')
  const sources = new Sources(app)
  const framed = sources.codesFrom(path.join(app, 'layouts/default.vue'))
  const named = filesIn(pages, '.vue').map((file) => ({ page: addressOf(pages, file), codes: sources.codesFrom(file) }))
  return Object.entries(catalogue).map(([code, text]) => ({
    ...{ code, text },
    pages: framed.has(code) ? ['/'] : named.flatMap(({ page, codes }) => (codes.has(code) ? [page] : [])),
  }))
}
