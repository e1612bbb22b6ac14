import { readdirSync, readFileSync } from 'node:fs'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { compileTemplate, parse } from 'vue/compiler-sfc'
import { ENGLISH } from '#words/english'
import { placeholdersOf } from '#words/translation'

const TEXTS: Readonly<Record<string, string>> = ENGLISH.catalogue

/** A file's code: of a component its scripts, and its template as it is compiled. */
function codeOf(file: string): string[] {
  const text = readFileSync(file, 'utf8')
  if (!file.endsWith('.vue')) return [text]
  const { template, script, scriptSetup } = parse(text, { filename: file }).descriptor
  const options = { source: template?.content ?? '', filename: file, id: file }
  const compiled = compileTemplate({ ...options, compilerOptions: { expressionPlugins: ['typescript'] } }).code
  return [script?.content ?? '', scriptSetup?.content ?? '', compiled]
}

interface Use {
  readonly file: string
  readonly code: string
  readonly given: readonly string[]
}

/** Names that an object literal gives; null where it takes some from elsewhere. */
function namesIn(node: ts.Expression | undefined): string[] | null {
  if (!node) return []
  if (!ts.isObjectLiteralExpression(node)) return null
  const names = node.properties.map((each) => {
    if (ts.isSpreadAssignment(each)) return namesIn(each.expression)
    return each.name && (ts.isIdentifier(each.name) || ts.isStringLiteral(each.name)) ? [each.name.text] : null
  })
  return names.some((some) => some === null) ? null : names.flatMap((some) => some!)
}

const propertyOf = (node: ts.ObjectLiteralExpression, name: string): ts.Expression | undefined =>
  node.properties.filter(ts.isPropertyAssignment).find((each) => each.name.getText() === name)?.initializer

/** What formats a text by its code: `t` and `w.text`, and the makers of messages. */
const SAYS = /(^|\.)(t|text|\w+Message)$/
/** What makes an error: its text stands under `error.` in the catalogue. */
const REFUSES = /^(refuse|\w+Error)$/

/** Texts that a piece of code asks for by name, with the parameters that it gives them. */
function usesIn(file: string, code: string): Use[] {
  const found: Use[] = []
  const note = (text: ts.Node | undefined, params: ts.Expression | undefined, prefix = ''): void => {
    const named = text && ts.isStringLiteral(text) ? prefix + text.text : ''
    const given = namesIn(params)
    if (named in TEXTS && given) found.push({ file, code: named, given })
  }
  const walk = (node: ts.Node): void => {
    if (ts.isCallExpression(node) && SAYS.test(node.expression.getText())) note(node.arguments[0], node.arguments[1])
    if (ts.isCallExpression(node) && REFUSES.test(node.expression.getText()))
      note(node.arguments[0], node.arguments[1], 'error.')
    if (ts.isObjectLiteralExpression(node)) note(propertyOf(node, 'code'), propertyOf(node, 'params'))
    ts.forEachChild(node, walk)
  }
  walk(ts.createSourceFile(file, code, ts.ScriptTarget.Latest, true, ts.ScriptKind.TS))
  return found
}

const FOLDERS = ['app', 'core', 'shared', 'server', 'cli', 'paper', 'pictures']
const files = FOLDERS.flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((file) => `${folder}/${file}`),
).filter((file) => /\.(ts|vue)$/.test(file))
const uses = files.flatMap((file) => codeOf(file).flatMap((code) => usesIn(file, code)))

describe('a text', () => {
  it('is found where it is used', () => {
    expect(uses.length).toBeGreaterThan(1000)
    expect(uses.filter(({ file }) => file.endsWith('.vue')).length).toBeGreaterThan(500)
  })

  it('gets every placeholder that it has, wherever it is used', () => {
    const lacking = uses.flatMap(({ file, code, given }) => {
      const wanted = placeholdersOf(TEXTS[code]!).filter(({ kind }) => kind !== 'tag')
      const missing = wanted.filter(({ name }) => !given.includes(name)).map(({ name }) => name)
      return missing.length > 0 ? [`${file}: ${code} lacks ${missing.join(', ')}`] : []
    })
    expect(lacking).toEqual([])
  })
})
