import { DAY_RULES } from './lexiconDay'
import type { Played, Meaning } from './part'
import { fixed, type Rule, rules } from './rules'
import { TEMPO_RANGE } from '../study'

const played = (meaning: Played): Meaning => ({ part: { is: 'played', played: meaning } })
const says = (phrases: readonly string[], meaning: Played): Rule[] => fixed(phrases, played(meaning))

/** What may stand before a place: “wrong at the turn”, “mal en la vuelta”. */
const AT = 'at|on|in|near|around|before|after|by|en|al|a|del|am|beim|im?'
const THE = 'the|a|an|every|each|both|el|la|los|las|del|dem|der?'

const PLACE_WORDS: Readonly<Record<NonNullable<Played['place']>, readonly string[]>> = {
  start: [
    'start|beginning|opening|principio|comienzo|inicio|anfang',
    'first note|notes',
    'primera|primeras nota|notas',
  ],
  turn: ['turn|top|turning|turnaround|vuelta|giro|cima|umkehr|wende', 'turning point', 'parte alta', 'nota alta'],
  crossing: [
    'crossing|crossings|thumb|cross|cruce|cruces|pulgar|daumen|ubersatz|untersatz',
    'thumb under|crossing|crossings',
    'paso|pasos del|de pulgar',
  ],
  leap: ['bass|left|big|wide? leap|leaps|jump|jumps|skip|skips', 'salto|saltos', 'sprung|sprunge'],
  bellows: [
    'bellows change|changes|turn|turns?',
    'change|changes of|in the? bellows',
    'cambio|cambios de? fuelle',
    'balgwechsel|balg',
  ],
  register: [
    'register|registers change|switch?',
    'change|switch of registers|register',
    'cambio de registro',
    'registerwechsel',
  ],
  row: ['row change|changes', 'change|changes of row|rows', 'cambio de fila', 'reihenwechsel'],
  double: ['double|doubles stroke|strokes|sticking?', 'doble|dobles', 'doppelschlag'],
  roll: ['roll|rolls|tremolo', 'redoble|redobles', 'wirbel'],
  finger: ['finger|fingers before|under the thumb', 'dedo|dedos antes del pulgar', 'finger vor dem daumen'],
  accent: ['accent|accents|bump on|of|with? the? thumb?', 'acento|acentos', 'akzent|akzente'],
  elbow: ['twisted? elbow|elbows', 'codo|codos', 'ellbogen|ellenbogen'],
  wrist: ['wrist|wrists', 'muneca|munecas', 'handgelenk|handgelenke'],
  search: ['search|searching|hunting|looking for? a|the? note|notes?', 'busqueda', 'suche|suchen'],
  waiting: ['waiting|wait|waits hand|hands?', 'espera', 'warten'],
  end: ['end|ending|close|final|fin|ende|schluss', 'last note|notes', 'ultima|ultimas nota|notas'],
}

const BARE: readonly string[] = ['leap', 'bellows', 'register', 'row', 'double', 'roll', 'elbow', 'wrist', 'waiting']
const PLACES: Rule[] = (Object.keys(PLACE_WORDS) as (keyof typeof PLACE_WORDS)[]).flatMap((place) =>
  PLACE_WORDS[place].flatMap((words) => [
    ...says([`${AT} ${THE} ${words}`], { place }),
    // “wrong right at the turn” says where, “right at the turn” by itself does not say whether it was right
    ...says([`right ${AT.slice(0, -1)} ${THE} ${words}`], { place, outcome: 'unclear' }),
    // these are nothing but places, whatever stands before them
    ...(BARE.includes(place) ? says([words], { place }) : []),
  ]),
)

/** Words that say that all was well, by themselves and after “not” and “nearly”. */
const RIGHT =
  'clean|cleanly|right|correct|correctly|good|fine|perfect|perfectly|passed|flawless|faultless|accurate|secure|well|' +
  'limpio|limpia|bien|correcto|correcta|perfecto|perfecta|sauber|richtig|gut|fehlerfrei'
const HESITATED =
  'hesitated|hesitant|hesitantly|hesitating|hesitation|hesitations|hesitates|shaky|stumbled|stumbling|unsure|restarted|' +
  'faltered|halting|wobbly|dudo|dudando|dudas|titubeo|titubeando|vacilo|vacilante|insegura|inseguro|tropezo|' +
  'gezogert|stockend|unsicher'
const FAULTS = 'mistake|mistakes|error|errors|slip|slips|fault|faults|fallo|fallos|errores|fehler'

const OUTCOMES: Rule[] = [
  ...says([RIGHT, 'all right', 'right notes|fingers|fingering', 'note perfect'], { outcome: 'right' }),
  ...says([`no|without|zero|sin|ohne|keine any|a? ${FAULTS}`, 'nothing wrong'], { outcome: 'right' }),
  ...says([HESITATED, 'a|some? hesitation|hesitations', 'con dudas'], { outcome: 'hesitated' }),
  ...says(
    [
      'wrong|missed|failed|broke|lost|incorrect|mal|incorrecta|incorrecto|fallado|fallada|falsch',
      `${FAULTS}`,
      'broke down',
      'fell apart',
      'wrong note|notes|finger|fingers|fingering',
      "not|isn't|wasn't|nicht right|correct|richtig",
      'se? perdio|equivoco|perdido',
      'no salio',
    ],
    { outcome: 'wrong' },
  ),
  // what is nearly right is not right; nobody said what it was
  ...says(
    [
      `nearly|almost|mostly|partly|half|casi|fast|beinahe all|todo? ${RIGHT}`,
      'nearly|almost|casi there?',
      `not|never|hardly|isn't|wasn't|no|nicht quite|yet|so|very|all|muy|tan|del|ganz|that? todo? ${RIGHT}`,
      'not quite|yet there?',
      "not|isn't|wasn't wrong",
    ],
    { outcome: 'unclear' },
  ),
  // right, but not at once
  ...says(
    [
      'at|on? the? second|third|fourth|2nd|3rd|4th|last|next go|try|time|attempt',
      'a? la segunda|tercera|cuarta vez|intento?',
      'al? segundo|tercer intento',
      'zweites|drittes mal',
      'beim? zweiten|dritten mal|versuch',
    ],
    { outcome: 'later' },
  ),
  ...says([`no|without|not|never|sin|ohne any|a? ${HESITATED}`, "didn't|without hesitate|hesitating"], {}),
  ...says(['at|on? the? first|1st go|try|time|attempt', 'a la primera', 'al? primer intento'], {}),
  ...says(['but|except|though|although|until|till|pero|salvo|aber|bis'], { turns: 'but' }),
  ...says(['then|afterwards|later|luego|despues|dann|danach and|y?'], { turns: 'then' }),
]

/** Hands by every name, before `right` by itself, which is an outcome. */
const OWN = 'the|her|his|their|my|la|su|die|der'
const HANDS: Rule[] = (
  [
    ['right', 'right', 'rechte|rechten', 'derecha', 'r|rh'],
    ['left', 'left', 'linke|linken', 'izquierda', 'l|lh'],
  ] as const
).flatMap(([hands, en, de, es, short]) =>
  fixed(
    [
      `in|with|by|for|on|of|with? ${OWN}? ${en} hand|hand's|h alone|only?`,
      `in|with|by|for|on|of? ${OWN} ${en} alone|only?`,
      `${en} alone|only`,
      `in|with|by|for? ${OWN}? ${short} hand|h? alone|only?`,
      `con|en|de? la? mano? ${es} sola?`,
      `mit? der|die? ${de} hand allein?`,
      `m${es[0]}|mano ${es[0]}`,
      ...(hands === 'left' ? [`${en}`] : []),
    ],
    { part: { is: 'change', change: { hands } } },
  ),
)

const BOTH: Rule[] = [
  ...says(
    [
      'right|rh|left|lh hand? and|& right|rh|left|lh hand|hands?',
      'hands? separately|separate|apart',
      'hs|separately',
      'separate hands',
      'each|either hand separately|alone?',
      'hands alone',
      'one hand at a time',
      'manos separadas|solas',
      'cada mano',
      'hande einzeln|getrennt',
    ],
    { apart: true },
  ),
  ...fixed(['las|a? dos|ambas manos', 'manos? juntas', 'beide hande', 'beidhandig'], {
    part: { is: 'change', change: { hands: 'together' } },
  }),
]

const OCCASIONS: Rule[] = [
  ...says(['cold test?', 'en|in frio|kalt'], { kind: 'cold-test' }),
  ...says(['at? home', 'en? casa', 'zuhause|daheim', 'zu hause'], { kind: 'home' }),
]

/** Beats as they are named, in quarters. */
const BEATS: readonly (readonly [string, number])[] = [
  ['quarter|quarters|crotchet|crotchets|negra|viertel|♩', 1],
  ['half|halves|minim|minims|blanca|halbe', 2],
  ['eighth|eighths|quaver|quavers|corchea|achtel|♪', 1 / 2],
  ['dotted crotchet|quarter', 3 / 2],
  ['negra con puntillo', 3 / 2],
  ['dotted minim|half', 3],
]
const tempo = (bpm: number): Meaning | null =>
  bpm >= TEMPO_RANGE.least && bpm <= TEMPO_RANGE.most ? { part: { is: 'change', change: { tempo: { bpm } } } } : null
const TEMPI: Rule[] = [
  ...BEATS.flatMap(([words, quarters]) =>
    rules(
      [
        `at? ${words} note|notes? equals|is|at|about|a|=|:? <n>`,
        `at|a? <n> ${words} note|notes? a|per|to|por|beats? the? minute|minuto?`,
      ],
      ({ numbers: [n] }) => tempo(n! * quarters),
    ),
  ),
  ...rules(
    [
      'up? to|reached|reaching|got|made|hasta|bis|mit to|about? <n> bpm?',
      'at|a|an|about|tempo|mm|@|=|bei|tempo|metronome|metronomo? about? <n> bpm|beats?',
    ],
    ({ numbers: [n] }) => tempo(n!),
  ),
  // minutes are no tempo
  ...rules(
    [
      'for|after|during? <n> minutes|minute|mins|min|minutos|minuto|minuten',
      '<n> times|veces|mal',
      '<n> weeks ago?',
      '<n> days',
    ],
    () => played({ beyond: true }),
  ),
]

/** Words of a sentence that say nothing of how it went; “all” is of the study, not of all keys. */
const FILLERS: Rule[] = [
  ...says(['all|everything|todo', 'all the way through?'], {}),
  ...fixed(
    [
      'he|she|it|they|was|were|is|are|had|has|did|played|plays|play|went|got|a|an|his|her|their|again|this|that|all|' +
        'quite|very|really|now|just|for|by|so|one|some|time|stayed|sounded|came|out|&',
      'el|la|los|las|ella|toco|tocado|salio|muy|otra|vez|un|una|fue|esta|estuvo|war|ist|sehr|das|die|der',
    ],
    { part: { is: 'filler' } },
  ),
]

/** What only a line of the record says (ours; any of these words serves). */
export const RECORD_RULES: readonly Rule[] = [
  ...DAY_RULES,
  ...HANDS,
  ...BOTH,
  ...PLACES,
  ...OUTCOMES,
  ...OCCASIONS,
  ...TEMPI,
  ...FILLERS,
]
