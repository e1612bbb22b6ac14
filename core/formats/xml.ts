import { XMLBuilder } from 'fast-xml-parser'

/** An element, or text, in the order in which it stands. */
export type Node = Readonly<Record<string, unknown>>
type Child = Node | string | number

/** An element with its attributes and what stands in it. */
export function el(
  name: string,
  attributes: Readonly<Record<string, string | number>> = {},
  ...children: Child[]
): Node {
  const prefixed = Object.fromEntries(Object.entries(attributes).map(([key, value]) => [`@_${key}`, String(value)]))
  return {
    [name]: children.map((child) => (typeof child === 'object' ? child : { '#text': String(child) })),
    ...(Object.keys(prefixed).length > 0 ? { ':@': prefixed } : {}),
  }
}

/** An element that holds nothing but text. */
export const leaf = (name: string, text: string | number): Node => el(name, {}, text)

const builder = new XMLBuilder({
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: '@_',
  suppressEmptyNode: true,
  format: true,
  indentBy: ' ',
})

/** A document with its declaration and doctype. */
export const printed = (root: Node, doctype: string): string =>
  `<?xml version="1.0" encoding="UTF-8" standalone="no"?>\n${doctype}\n${builder.build([root])}`
