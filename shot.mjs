import { chromium } from 'playwright-core'
const b = await chromium.launch({executablePath:'/usr/bin/chromium-headless-shell',args:['--no-sandbox','--disable-gpu']})
const c = await b.newContext({viewport:{width:+(process.env.W||1280),height:+(process.env.H||800)}, colorScheme: process.env.DARK?'dark':'light', hasTouch: !!process.env.TOUCH})
const p = await c.newPage()
p.setDefaultTimeout(8000)
p.on('console',m=>m.type()==='error'&&console.log('ERR',m.text())); p.on('pageerror',e=>console.log('PE',e.message))
const [,, path, out, ...steps] = process.argv
await p.goto('http://127.0.0.1:3111'+path); await p.waitForTimeout(2500)
for (const s of steps) { try { const r = await (new Function('p','return (async()=>{'+s+'})()'))(p); if (r!==undefined) console.log(r) } catch(e) { console.log('STEP', e.message.slice(0,300)) } await p.waitForTimeout(1000) }
await p.screenshot({path:out, fullPage: !!process.env.FULL})
await b.close()
