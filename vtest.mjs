import createVerovioModule from 'verovio/wasm'
import { VerovioToolkit, enableLogToBuffer, LOG_WARNING } from 'verovio/esm'
import fs from 'node:fs'
const mod = await createVerovioModule()
const tk = new VerovioToolkit(mod)
console.log(tk.getVersion(), Object.keys(await import('verovio/esm')))
enableLogToBuffer?.(true, mod)
tk.setOptions({ breaks: 'auto', footer: 'none', adjustPageHeight: true })
console.log(tk.loadData(fs.readFileSync('/tmp/t.musicxml', 'utf8')), tk.getLog())
fs.writeFileSync('/tmp/t.svg', tk.renderToSVG(1))
const mei = tk.getMEI({})
console.log((mei.match(/<note /g)||[]).length, (mei.match(/<fing /g)||[]).length, (mei.match(/<measure /g)||[]).length)
