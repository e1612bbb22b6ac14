import { strToU8, zipSync } from 'fflate'
import { instrumentOf } from '../../instrument'
import { playersIn } from '../../realise'
import type { Bundle, Piece } from '../piece'
import { el, leaf, type Node, printed } from '../xml'
import { measuresOf } from './measures'

const DOCTYPE =
  '<!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" "http://www.musicxml.org/dtds/partwise.dtd">'
const SOFTWARE = 'Tactum'
/** Where a file keeps the recipes that it was made from, one for each study. */
export const RECIPE_FIELD = 'tactum-study'

const identification = (pieces: readonly Piece[]): Node =>
  el(
    'identification',
    {},
    el('encoding', {}, leaf('software', SOFTWARE)),
    el(
      'miscellaneous',
      {},
      ...pieces.map(({ study }, at) =>
        el('miscellaneous-field', { name: `${RECIPE_FIELD}-${at + 1}` }, JSON.stringify(study.recipe)),
      ),
    ),
  )

/** One part of as many staves as any of its studies needs: studies stand one after another. */
function partOf({ title, pieces }: Bundle): Node {
  const staves = Math.max(...pieces.map(({ study }) => playersIn(study).length))
  const measures: Node[] = []
  for (const piece of pieces) {
    const head = piece.title === title ? [] : [piece.title]
    measures.push(...measuresOf(piece, measures.length + 1, staves, head))
  }
  return el('part', { id: 'P1' }, ...measures)
}

/** A study, or a set in its order, as MusicXML 4.0 (score-partwise). */
export function writeMusicXml(bundle: Bundle): string {
  const { make } = instrumentOf(bundle.pieces[0]!.study.recipe)
  const root = el(
    'score-partwise',
    { version: '4.0' },
    el('work', {}, leaf('work-title', bundle.title)),
    identification(bundle.pieces),
    el('part-list', {}, el('score-part', { id: 'P1' }, leaf('part-name', make))),
    partOf(bundle),
  )
  return printed(root, DOCTYPE)
}

const CONTAINER = `<?xml version="1.0" encoding="UTF-8"?>
<container><rootfiles><rootfile full-path="score.musicxml" media-type="application/vnd.recordare.musicxml+xml"/></rootfiles></container>`

/** The same, packed (.mxl). */
export const writeMxl = (bundle: Bundle): Uint8Array =>
  zipSync({
    mimetype: [strToU8('application/vnd.recordare.musicxml'), { level: 0 }],
    'META-INF/container.xml': strToU8(CONTAINER),
    'score.musicxml': strToU8(writeMusicXml(bundle)),
  })
