import PDFDocument from 'pdfkit'
import type { Faces } from './faces'
import { type Drawn, FACES, type Page } from './page'
import { inRuns } from './runs'

type Document = InstanceType<typeof PDFDocument>

function drawText(document: Document, { text, x, y, face, size, colour }: Drawn & { kind: 'text' }): void {
  document.font(face).fontSize(size).fillColor(colour).text(text, x, y, { lineBreak: false, baseline: 'alphabetic' })
}

function drawPath(document: Document, { d, fill, stroke, width, dash }: Drawn & { kind: 'path' }): void {
  if (!d) return
  document.path(d)
  if (stroke === null) {
    if (fill !== null) document.fill(fill)
    return
  }
  document.lineWidth(width)
  if (dash) document.dash(dash[0]!, { space: dash[1]! })
  if (fill === null) document.stroke(stroke)
  else document.fillAndStroke(fill, stroke)
  if (dash) document.undash()
}

/** Pages as a PDF file, with the faces in it and text that can be searched. */
export function writePdf(pages: readonly Page[], title: string, faces: Faces): Promise<Uint8Array> {
  const document = new PDFDocument({
    autoFirstPage: false,
    // none of the faces that every reader has: ours are in the file
    font: null as never,
    info: { Title: title, Creator: 'Tactum' },
    lang: 'en',
  })
  const chunks: Buffer[] = []
  document.on('data', (chunk: Buffer) => chunks.push(chunk))
  for (const face of FACES) document.registerFont(face, Buffer.from(faces.files[face]))
  for (const { width, height, drawn } of pages.map((page) => inRuns(page, faces))) {
    document.addPage({ size: [width, height], margin: 0 })
    for (const each of drawn) {
      if (each.kind === 'text') drawText(document, each)
      else drawPath(document, each)
    }
  }
  return new Promise((resolve, reject) => {
    document.on('end', () => resolve(new Uint8Array(Buffer.concat(chunks))))
    document.on('error', reject)
    document.end()
  })
}
