/** The accordion: keys or buttons, bass, bellows. */
const PART =
  '{part, select, alternating {alternating bass} waltz {waltz bass} scale {bass scale} chords {chords} cadence {I IV V7 I} held_bass {a held root} free {free bass} other {nothing}}'
export const accordion = {
  'accordion.part':
    '{hands, select, right {right hand} left {left hand: ' +
    PART +
    '} other {{part, select, scale {hands together on the scale} free {hands together, free bass} other {right hand over ' +
    PART +
    '}}}}',
  'accordion.part.label': 'Hands and bass: {words}',
  'accordion.hands': '{hands, select, right {right hand alone} left {left hand alone} other {both hands}}',
  'accordion.strokes': 'strokes',
  'accordion.every': '{every, select, 2 {every two beats, slowly} other {every beat}}',
  'accordion.chords-are': 'chords are',
  'accordion.held': '{held, select, yes {held for the bar} other {struck again}}',
  'accordion.harmony.head': 'chords of the bars',
  'accordion.harmony': '{harmony, select, tonic {tonic throughout} by_bar {I or V7} other {your own}}',
  'accordion.harmony.note':
    '{harmony, select, tonic {the default: one thing less to think of} by_bar {whichever has more of the bar’s notes} other {bar by bar, over and over}}',
  'accordion.bars': 'Bar by bar, from the beginning again at the end:',
  'accordion.bar': 'Bar {bar}',
  'accordion.bar.more': 'one bar more',
  'accordion.bar.fewer': 'one fewer',
  'accordion.bellows':
    'bellows {turn, select, octave {turn every octave} top {turn at the top} beats {turn every {beats} beats} shake {shake} other {free}}, {first, select, closing {closing} other {opening}} first',
  'accordion.bellows.label': 'Bellows: {words}',
  'accordion.bellows.over': 'The bellows over this line: {count, plural, =1 {one way} other {# ways}}',
  'accordion.turn.head': 'the bellows turn',
  'accordion.turn':
    '{turn, select, octave {at every octave} top {at the top} beats {every so many beats} shake {in a shake} other {freely}}',
  'accordion.turn.note':
    '{turn, select, octave {for beginners: short ways} top {the default: up on the opening, down on the closing} beats {for long lines and slow ones} shake {open and close on every note: a study of its own} other {only the first way is printed}}',
  'accordion.turn.slur': 'The note at a turn is the first of the new direction. No turn falls inside a slur.',
  'accordion.beats.head': 'beats in one direction',
  'accordion.beats': '{beats} beats',
  'accordion.first.head': 'first',
  'accordion.first': '{way, select, closing {closing} other {opening}}',
  'accordion.way': '{direction, select, closing {closing} other {opening}}',
  'accordion.way.shake': 'bellows shake',
  'accordion.register.name':
    '{registers, select, 8 {Clarinet register: 8′} 16 {Bassoon register: 16′} 4 {Piccolo register: 4′} 16_8 {Bandoneon register: 16′ and 8′} 8_4 {Oboe register: 8′ and 4′} 16_4 {Organ register: 16′ and 4′} other {Master register: 16′, 8′ and 4′}}',
  'accordion.pupil.make': 'make',
  'accordion.pair': '{keys}, {bass} bass',
  'accordion.pair.other': 'another',
  'accordion.pupil.register': 'register',
  'accordion.keys': 'piano keys',
  'accordion.buttons': 'buttons',
  'accordion.of-keys': '{keys} keys',
  'accordion.of-buttons': '{system}-system, {rows} rows',
  'accordion.of-board': '{rows} × {columns}, {from} to {to}',
  'accordion.width.head': 'width of a key',
  'accordion.width': '{width, select, ladies {narrow, ladies’ model} other {usual}}',
  'accordion.registers': 'registers that sound',
  'accordion.register': '{register}′',
  'accordion.treble.label': 'Right hand’s keyboard: {words}',
  'accordion.treble.doubt':
    'Compasses differ a little by maker. 30 and 22 keys, and buttons (52 notes from E3), are the least certain.',
  'accordion.bass': '{bass} bass',
  'accordion.bass.label': 'Bass board: {bass} buttons',
  'accordion.board.head': 'the board',
  'accordion.board.doubt':
    'The names are those of the bass row. Which octave a button sounds in differs by maker, so no list asks for it.',
  'accordion.bass.own': '{count} basses, own make',
  'accordion.make.head': 'or its own make',
  'accordion.make.other': 'A board of another make…',
  'accordion.make.rows': 'Rows, from the bellows out',
  'accordion.make.from': 'Columns from',
  'accordion.make.to': 'to',
  'accordion.make.grid': 'Buttons of the board. Press one that yours does not have.',
  'accordion.make.button': '{button}: {there, select, yes {on the board} other {missing}}',
  'accordion.make.count':
    '{count, plural, =1 {one button} other {# buttons}}. Press a button that your board does not have.',
  'accordion.make.usual': 'As {bass} usually are',
  'accordion.row':
    '{row, select, counterbass {major third} fundamental {bass} major {major} minor {minor} seventh {seventh} other {dim.}}',
  'accordion.free': 'Free bass',
  'accordion.free.words': 'free bass, {system, select, b {B-system} other {C-system}}',
  'accordion.free.side': '{board, select, free {free bass: single notes} other {standard bass}}',
  'accordion.free.system': 'Layout',
  'accordion.free.system.name': '{system, select, b {B-system} other {C-system}}',
  'accordion.free.rows': 'Rows',
  'accordion.free.notes': 'Notes',
  'accordion.free.lowest': 'Lowest note',
  'accordion.free.lows': 'Low notes',
  'accordion.free.lows.name': '{lows, select, floor {by the floor} other {by the chin}}',
  'accordion.free.doubt':
    'Converters differ by maker: how many notes, where they begin, which way they lie. Say what yours has. The fingering mirrors the right hand’s, without the thumb.',
  'accordion.free.map': 'Free bass with the fingers of {what}',
  'accordion.board.beside': 'Buttons of the board that are played, of {bass}',
  'accordion.beside': '{bass} bass: the chin is on the right',
  'accordion.row.short':
    '{row, select, counterbass {3rd} fundamental {bass} major {M} minor {m} seventh {7} other {d}}',
  'accordion.row-number': 'row {row}',
  'accordion.to-the-chin': 'to the chin →',
  'accordion.board': 'Bass board of {bass} buttons with the fingers of {what}',
  'accordion.treble': 'Keyboard of the right hand with the fingers of {what}',
  'accordion.stair.left': 'The left hand of {what} in time: rounds are basses, squares are chords',
  'accordion.map.hand.only': 'as the player feels it',
  'accordion.map.hand': 'as the player feels it (the ring is the dimpled C)',
  'accordion.map.facing': 'seen from the front (the chin is above, the bellows between)',
  'accordion.map.turn-hand': 'as the player feels it',
  'accordion.map.turn-facing': 'seen from the front',
  'accordion.right-school': 'right hand',
  'accordion.left-school': 'left hand',
  'accordion.school.default':
    '{called}: the default, {on, select, keys {as on the piano, with an accordion’s measures} other {as most methods begin}}',
  'accordion.left-school.default': '{called}: the default, since it leaves 2 free for the alternate bass',
  'accordion.school.doubt':
    'Left-hand fingering is taught differently from school to school. Pin what you teach. Scores in brackets say how much more the next best would cost.',
  'accordion.pupil.treble': 'keyboard',
  'accordion.pupil.bass': 'bass board',
  'accordion.pin.button': '{button} for {where}',
  'accordion.shown.bellows': 'the bellows',
  'accordion.shown.chord-names': 'chords by name: Am, G7',
  'accordion.shown.bow-signs': 'bellows by bracket and V',
  'accordion.shown.map': 'keyboard and board',
  'accordion.shown.facing': 'seen from the front',
  'accordion.hint': 'Click a finger, or tab to the score and use the arrow keys. 1 to 5 pins it, 0 unpins it.',
  'accordion.no-reasons': 'Nothing to explain: the hand stays where it is.',
  'accordion.difficulty-order':
    'The number compares accordion studies only, in the order of graded lists: staccato after legato. Some teachers begin with staccato.',
  'accordion.caution': 'Sit to practise. Set the straps so that the instrument does not hang from the left arm.',
  'accordion.caution.paper':
    'An accordion weighs 5 to 12 kg: set the straps, sit to practise, lift it with both hands. Rest about five minutes in every half hour.',
  'accordion.field': 'instrument and left hand',
  'accordion.programme':
    '{hands, select, right {right hand} left {left hand, ' +
    PART +
    '} other {{part, select, scale {together, bass scale} free {together, free bass} other {over ' +
    PART +
    '}}}}{hands, select, left {{part, select, scale { · {octaves} oct} other {}}} other { · {octaves} oct}}{touch, select, staccato { · staccato} apart { · each hand its own touch} other {}}',
  'accordion.legend':
    'Bellows: {signs, select, bow {bracket opening, V closing} other {arrows apart opening, arrows together closing}}. Solid line opening, broken line closing. B.S.: bass scale.',
  'accordion.legend.chords': 'M m 7 d: the chord of the button.',
} as const
