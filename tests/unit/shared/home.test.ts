import { describe, expect, it } from 'vitest'
import { completeRecipe, type Recipe, TAUGHT, taughtOf } from '#core/instrument'
import type { WeekLine } from '#core/lesson'
import { homePage, type HomeRequest } from '#shared/home'
import { drawnLine } from '#shared/home/music'
import { wordingFor } from '#shared/languages'
import { faces } from '../../support/faces'

const FACES = faces()
const ID = '00000000-0000-4000-8000-000000000000'
const lineOf = (study: Recipe, some: Partial<WeekLine> = {}): WeekLine => ({
  ...{ id: ID, studyId: null, study, hands: study.hands, octaves: study.octaves, stage: null, tempo: 80, reach: 96 },
  ...{ minutes: 4, days: ['mon'], test: false, where: null, because: 'new', note: '', ...some },
})
const request = (lines: readonly WeekLine[], some: Partial<HomeRequest> = {}): HomeRequest => ({
  ...{ name: 'Ada', studio: 'Alder Street', record: [], next: '2026-12-08', today: '2026-12-01', path: `/p/${ID}` },
  week: { from: '2026-12-01', lines, note: '', version: 1 },
  files: { script: '/home.js', styles: ['/home.css'] },
  ...some,
})
const markup = (lines: readonly WeekLine[], some: Partial<HomeRequest> = {}, language = 'en-GB'): Promise<string> =>
  homePage(
    request(lines, some),
    lines.map((line) => drawnLine(line, FACES)),
    wordingFor(language),
  )
const studyOf = (instrument: string, tonic = 'D'): Recipe =>
  completeRecipe({ instrument, material: { tonic, kind: 'major' }, octaves: 1 } as never) as Recipe

describe('a pupil’s page', () => {
  it.each(TAUGHT.map(({ id }) => id))('draws music for the %s, every length a number, every sign once', async (id) => {
    const html = await markup([
      lineOf(studyOf(taughtOf(id).instrument)),
      lineOf(studyOf(taughtOf(id).instrument, 'Eb')),
    ])
    expect(html.match(/class="music"/g)!.length).toBeGreaterThanOrEqual(2)
    expect(html).not.toMatch(/NaN|undefined|Infinity/)
    const [ids, used] = [/<path id="([^"]+)"/g, /<use href="#([^"]+)"/g].map((pattern) =>
      [...html.matchAll(pattern)].map(([, name]) => name!),
    )
    expect(new Set(ids).size).toBe(ids!.length)
    expect(used!.filter((name) => !ids!.includes(name))).toEqual([])
    // fingers or sticks are a group of their own, so that they can be put away
    expect(html).toMatch(/class="fingers"[^>]*><use/)
  })

  it('shows what is practised of a study: one hand, fewer octaves', async () => {
    const study = completeRecipe({ material: { tonic: 'D', kind: 'major' }, octaves: 2 } as never) as Recipe
    const heads = async (some: Partial<WeekLine>) =>
      (await markup([lineOf(study, some)])).match(/href="#music-/g)!.length
    const [whole, right, short] = [await heads({}), await heads({ hands: 'right' }), await heads({ octaves: 1 })]
    expect(right).toBeLessThan(0.7 * whole)
    expect(short).toBeLessThan(0.7 * whole)
  })

  it('shows and plays nothing of what is asked from memory', async () => {
    const html = await markup([lineOf(studyOf(taughtOf('piano').instrument), { test: true })])
    expect(html).not.toMatch(/class="music"|data-play/)
    expect(html).toContain('data-outcome="right"')
  })

  it('marks the place to watch, and what was done today', async () => {
    const study = studyOf(taughtOf('piano').instrument)
    const ring = 'stroke="var(--met)"'
    expect(await markup([lineOf(study)])).not.toContain(ring)
    expect(await markup([lineOf(study, { where: { player: 'right', index: 3 } })])).toContain(ring)
    const entry = { id: ID, study, studyId: null, date: '2026-12-01', kind: 'home', outcome: 'hesitated', tempo: 80 }
    const rest = { hands: study.hands, octaves: study.octaves, minutes: 4, note: '', by: 'pupil', addedAt: '' }
    const done = await markup([lineOf(study)], { record: [{ ...entry, ...rest } as never] })
    expect(done).toContain('Done today: Nearly')
    expect(done).toMatch(/class="line finished"/)
  })

  it('takes what people wrote for words, not for markup', async () => {
    const study = studyOf(taughtOf('piano').instrument)
    const nasty = '</script><script>alert(1)</script><b>'
    const html = await markup([lineOf(study, { note: nasty })], { name: nasty, studio: nasty })
    expect(html.match(/<script/g)).toHaveLength(2)
    expect(html).not.toContain('<b>')
  })

  it('says so where nothing is set, and in the reader’s way of dates', async () => {
    expect(await markup([])).toContain('Nothing is set for this week yet')
    expect(await markup([], {}, 'en-US')).toContain('Tuesday, December 8')
    expect(await markup([], {}, 'en-GB')).toContain('Tuesday 8 December')
    expect(await markup([], { week: null, next: null })).toContain('until your next lesson')
  })

  it('reads in every word as a catalogue has it', async () => {
    const html = await markup([lineOf(studyOf(taughtOf('piano').instrument))], {}, 'en-x-pseudo')
    const said = html.replaceAll(/<(script|style)[\s\S]*?<\/\1>/g, '').replaceAll(/<[^>]+>/g, ' ')
    expect(said).not.toMatch(/\b(Play|Speed|Metronome|Easy|Nearly|fingers)\b/)
  })
})
