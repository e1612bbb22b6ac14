import { createSSRApp, h, type VNode } from 'vue'
import { renderToString } from 'vue/server-renderer'
import type { Wording } from '../wording'
import { type DrawnLine, HOME_WORDS, type HomeData, type HomeRequest, type MusicLine } from './requests'
import { dayText, type HomeLine, homeLines } from './view'

/** How it went, in three words: what a teacher calls right, hesitated and wrong. */
const OUTCOMES = ['right', 'hesitated', 'wrong'] as const

/** How often it is heard: once, again and again, or around the crossings alone. */
const LOOPS = ['once', 'all', 'crossings'] as const

const boxOf = (...lengths: readonly number[]): string => [0, 0, ...lengths].join(' ')

/** A system of music; its fingers are put away by a class of the page. */
const musicOf = (w: Wording, { width, height, notes, fingers }: MusicLine, title: string): VNode =>
  h(
    'svg',
    {
      class: 'music',
      viewBox: boxOf(width, height),
      role: 'img',
      'aria-label': w.text('home.music', { title }),
    },
    [h('g', { innerHTML: notes }), h('g', { class: 'fingers', innerHTML: fingers })],
  )

const daysOf = (w: Wording, { days }: HomeLine): VNode =>
  h(
    'ul',
    { class: 'days', 'aria-label': w.text('home.days') },
    days.map(({ letter, name, on, isToday }) =>
      h('li', { class: { on, today: isToday } }, [
        h('span', { 'aria-hidden': 'true' }, letter),
        h('span', { class: 'unseen' }, w.text('home.day', { day: name, on: on ? 'on' : 'off' })),
      ]),
    ),
  )

/** Hearing it: play, slower, which hand. Its program brings it to life; without one it is not shown. */
const hearing = (w: Wording, { id, bpm, drawn }: HomeLine): VNode =>
  h('div', { class: ['hear', 'live'], hidden: true }, [
    h('button', { type: 'button', class: 'play', 'data-play': id }, w.text('home.play')),
    h('label', [
      w.text('home.tempo'),
      h('input', {
        ...{ type: 'number', inputmode: 'numeric', min: 20, max: 240, value: bpm },
        'data-tempo': id,
      }),
    ]),
    ...(twoHands(drawn)
      ? [
          h('label', [
            w.text('home.hands'),
            h('select', { 'data-hands': id }, [
              h('option', { value: 'both' }, w.text('home.hands.both')),
              h('option', { value: 'right' }, w.text('home.hands.right')),
              h('option', { value: 'left' }, w.text('home.hands.left')),
            ]),
          ]),
        ]
      : []),
    h('label', [
      w.text('home.loop'),
      h(
        'select',
        { 'data-loop': id },
        LOOPS.map((loop) => h('option', { value: loop }, w.text('home.loop.how', { loop }))),
      ),
    ]),
    h('label', { class: 'tick' }, [
      h('input', { type: 'checkbox', checked: true, 'data-clicks': id }),
      w.text('home.clicks'),
    ]),
    h('p', { class: 'said', role: 'status' }),
  ])

const twoHands = ({ recipe }: DrawnLine): boolean => recipe.hands === 'together'

/** Done: how it went. */
const doneOf = (w: Wording, { id, done }: HomeLine): VNode =>
  h('form', { class: ['done', 'live'], hidden: true, 'data-done': id }, [
    h('fieldset', [
      h('legend', w.text('home.how')),
      ...OUTCOMES.map((outcome) =>
        h('button', { type: 'button', 'data-outcome': outcome }, w.text('home.outcome', { outcome })),
      ),
    ]),
    h(
      'p',
      { class: 'said', role: 'status' },
      done ? w.text('home.done', { outcome: w.text('home.outcome', { outcome: done.outcome }) }) : '',
    ),
  ])

function lineOf(w: Wording, line: HomeLine): VNode {
  const { number, title, how, tempo, minutes, watch, note } = line
  return h('li', { class: ['line', { finished: line.done }], id: `line-${line.id}` }, [
    h('h2', [h('span', { class: 'number' }, number), title]),
    h('p', { class: 'how' }, [how, tempo, minutes].filter(Boolean).join(' · ')),
    daysOf(w, line),
    ...(note ? [h('p', { class: 'note' }, note)] : []),
    ...(watch ? [h('p', { class: 'watch' }, w.text('home.watch', { watch }))] : []),
    h(
      'div',
      { class: 'score' },
      line.drawn.music.map((each) => musicOf(w, each, title)),
    ),
    ...(line.test ? [] : [hearing(w, line)]),
    doneOf(w, line),
  ])
}

/** What the program of the page reads: text that no browser takes for markup. */
const dataText = (data: HomeData): string => JSON.stringify(data).replaceAll('<', '\\u003c')

/** Each sign once, however many lines have it. */
const glyphsOf = (lines: readonly HomeLine[]): VNode[] =>
  [...new Map(lines.flatMap(({ drawn }) => drawn.glyphs))].map(([id, d]) => h('path', { id, d }))

function bodyOf(request: HomeRequest, w: Wording, lines: readonly HomeLine[]): VNode {
  const data: HomeData = {
    lines: lines.map((line) => ({
      ...{ id: line.id, study: line.drawn.recipe, bpm: line.bpm },
      ...{ notesPerBeat: line.drawn.recipe.tempo.notesPerBeat, twoHands: twoHands(line.drawn) },
    })),
    words: Object.fromEntries(HOME_WORDS.map((code) => [code, w.text(code)])) as HomeData['words'],
    outcomes: Object.fromEntries(
      OUTCOMES.map((outcome) => [outcome, w.text('home.done', { outcome: w.text('home.outcome', { outcome }) })]),
    ),
  }
  const { name, studio, week, next } = request
  return h('div', { class: 'home' }, [
    h('header', [
      h('p', { class: 'studio' }, studio),
      h('h1', w.text('home.title', { name })),
      h('p', { class: 'until' }, next ? w.text('home.until', { day: dayText(w, next) }) : w.text('home.no-lesson')),
      ...(week?.note ? [h('p', { class: 'note' }, [h('strong', w.text('home.from-lesson')), ' ', week.note])] : []),
      ...(lines.length > 0
        ? [
            h('p', { class: 'live', hidden: true }, [
              h('label', { class: 'tick' }, [
                h('input', { type: 'checkbox', id: 'fingers', checked: true }),
                w.text('home.fingers'),
              ]),
            ]),
          ]
        : []),
    ]),
    h('p', { id: 'state', role: 'status' }),
    h('main', [
      lines.length > 0
        ? h(
            'ol',
            { class: 'lines' },
            lines.map((line) => lineOf(w, line)),
          )
        : h('p', { class: 'none' }, w.text('home.none')),
    ]),
    h('p', { id: 'unsafe', class: 'until', hidden: true }, w.text('home.unsafe')),
    h('noscript', [h('p', w.text('home.no-script'))]),
    h('svg', { class: 'glyphs', 'aria-hidden': 'true' }, [h('defs', glyphsOf(lines))]),
    h('script', { type: 'application/json', id: 'week', innerHTML: dataText(data) }),
  ])
}

/** A page for a phone that no search finds. */
const documentOf = async (w: Wording, title: string, head: readonly VNode[], body: VNode): Promise<string> => {
  const markup = await renderToString(
    createSSRApp(() =>
      h('html', { lang: w.locale }, [
        h('head', [
          h('meta', { charset: 'utf-8' }),
          h('meta', { name: 'viewport', content: 'width=device-width, initial-scale=1' }),
          h('meta', { name: 'robots', content: 'noindex' }),
          h('title', title),
          ...head,
        ]),
        h('body', [body]),
      ]),
    ),
  )
  return `${DOCTYPE}${markup}`
}
const DOCTYPE = '<!DOCTYPE HTML>'

/** A pupil's own page, whole: it can be read before any program has come. */
export function homePage(request: HomeRequest, drawn: readonly DrawnLine[], w: Wording): Promise<string> {
  const lines = homeLines(request, drawn, w)
  const { script, styles } = request.files
  return documentOf(
    w,
    w.text('home.title', { name: request.name }),
    [
      ...styles.map((href) => h('link', { rel: 'stylesheet', href })),
      h('link', { rel: 'manifest', href: `${request.path}/app.webmanifest` }),
      h('link', { rel: 'icon', href: '/icon.svg', type: 'image/svg+xml' }),
      h('link', { rel: 'apple-touch-icon', href: '/icon-192.png' }),
      h('script', { type: 'module', src: script }),
    ],
    bodyOf(request, w, lines),
  )
}

/** A page that says that there is none, for whoever followed an address that was closed. */
export const gonePage = (w: Wording, { styles }: HomeRequest['files']): Promise<string> =>
  documentOf(
    w,
    w.text('home.gone.title'),
    styles.map((href) => h('link', { rel: 'stylesheet', href })),
    h('main', { class: 'home' }, [h('h1', w.text('home.gone.title')), h('p', w.text('home.gone'))]),
  )
