import { enableLog, enableLogToBuffer, LOG_WARNING, VerovioToolkit } from 'verovio/esm'
import createVerovioModule from 'verovio/wasm'

export interface Engraved {
  /** Warnings and errors of the reader. */
  readonly log: string
  readonly notes: number
  readonly fingers: number
  readonly measures: number
  /** Signs of a pedal. */
  readonly pedals: number
}

/** What an engraver that is not ours reads in a MusicXML document. */
export async function verovio(): Promise<(document: string) => Engraved> {
  const module = await createVerovioModule()
  enableLog(LOG_WARNING, module)
  enableLogToBuffer(true, module)
  const toolkit = new VerovioToolkit(module)
  toolkit.setOptions({ breaks: 'none', footer: 'none', header: 'none' })
  const count = (text: string, pattern: RegExp): number => text.match(pattern)?.length ?? 0
  return (document) => {
    const read = toolkit.loadData(document)
    const mei = String(toolkit.getMEI({}))
    return {
      log: read ? String(toolkit.getLog()) : 'not read',
      notes: count(mei, /<note\b/g),
      fingers: count(mei, /<fing\b/g),
      measures: count(mei, /<measure\b/g),
      pedals: count(mei, /<pedal\b/g),
    }
  }
}
