import { chromium } from 'playwright-core'
const b = await chromium.launch({executablePath:'/usr/bin/chromium-headless-shell',args:['--no-sandbox','--disable-gpu']})
const get = async (p)=> (await fetch('http://127.0.0.1:3111'+p)).json()
const pupils = await get('/api/pupils'); const set = pupils[0].sets[0].id, graded = pupils[0].sets[2]?.id ?? set; const pu = pupils[0].id
const exams = await get('/api/exams')
const pages = ['/desk','/library','/pupils',`/sets/${set}`,`/sets/${graded}`,`/sets/${graded}/coverage`,`/sets/${graded}/exam`,`/pupils/${pu}?set=${set}`,`/pupils/${pu}/lesson?set=${set}`,`/pupils/${pu}/test?set=${set}`,`/pupils/${pu}/history?set=${set}`,'/syllabi','/syllabi/corvane-piano','/compare','/paper?sheet=worksheet','/paper?sheet=studies','/files', ...(exams[0]?[`/exams/${exams[0].id}`]:[])]
for (const [w,h] of [[1024,768],[768,1024],[390,844],[360,740],[640,400]]) {
  const c = await b.newContext({viewport:{width:w,height:h}})
  const p = await c.newPage()
  for (const path of pages) {
    await p.goto('http://127.0.0.1:3111'+path); await p.waitForTimeout(process.env.FAST?900:1500)
    const r = await p.evaluate(() => { const W = document.documentElement.clientWidth; const over = document.documentElement.scrollWidth - W
      if (over <= 0) return null
      const bad = [...document.querySelectorAll('body *')].filter(e => { const r = e.getBoundingClientRect(); if (r.right <= W + 1 || r.width === 0) return false; let q = e.parentElement; while (q) { const o = getComputedStyle(q).overflowX; if (o === 'auto' || o === 'hidden' || o === 'scroll') return false; q = q.parentElement } return true }).slice(0, 4).map(e => e.tagName + '.' + String(e.className.baseVal ?? e.className).slice(0, 50) + ' ' + Math.round(e.getBoundingClientRect().right))
      return over + ' ' + bad.join(' | ') })
    if (r) console.log(w, path.replace(/[0-9a-f-]{36}/g,'ID'), r)
  }
  await c.close()
}
await b.close()
