/**
 * A language for tests: English with every letter doubled, so that whatever stands on a page undoubled was not taken
 * from a catalogue.
 */
import { type MessageFormatElement, parse, TYPE } from '@formatjs/icu-messageformat-parser'
import { printAST } from '@formatjs/icu-messageformat-parser/printer.js'
import { catalogue as english } from './en'
import type { Catalogue, Language } from './render'

const doubled = (text: string): string => text.replace(/\p{L}/gu, (letter) => letter + letter)

const doubledElements = (elements: readonly MessageFormatElement[]): MessageFormatElement[] =>
  elements.map((element) => {
    if (element.type === TYPE.literal) return { ...element, value: doubled(element.value) }
    if (element.type === TYPE.tag) return { ...element, children: doubledElements(element.children) }
    if (element.type !== TYPE.select && element.type !== TYPE.plural) return element
    const options = Object.fromEntries(
      Object.entries(element.options).map(([key, option]) => [
        key,
        { ...option, value: doubledElements(option.value) },
      ]),
    )
    return { ...element, options } as MessageFormatElement
  })

const catalogue = (): Catalogue =>
  Object.fromEntries(Object.entries(english).map(([code, text]) => [code, printAST(doubledElements(parse(text)))]))

export const pseudo = (): Language => ({ id: 'en-x-pseudo', locale: 'en-GB', catalogue: catalogue() })
