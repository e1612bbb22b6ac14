/** An accordion's buttons: schools, charges, reasons, other ways, what a board lacks. */
const BUTTON =
  '{row, select, counterbass {counterbass of {of}} fundamental {bass {of}} major {{of} major chord} minor {{of} minor chord} seventh {{of} seventh chord} other {{of} diminished chord}}'

export const buttons = {
  'school.four-fingers': 'four fingers by rows',
  'school.four-fingers.idea':
    '2, 3 and 4 each have a row, 5 helps at the ends, and the thumb stays behind the keyboard.',
  'school.with-thumb': 'with the thumb, by rows',
  'school.with-thumb.idea':
    '1, 2 and 3 each have a row, and 4 and 5 open chords. It reaches farther, and turns the wrist more.',
  'left.four-three': 'four and three',
  'left.four-three.idea': '4 on basses, 3 on chords, 2 free for the alternate bass, 5 on the counterbass.',
  'left.three-two': 'three and two',
  'left.three-two.idea': '3 on basses, 2 on chords: nearer for a small hand, and the alternate bass wants a hop.',
  'treble.charge.off-row': 'a finger off its row at {note}',
  'treble.charge.little-finger-inside': 'the little finger inside the line, on {note}',
  'treble.charge.little-finger': '5 on {note}',
  'treble.charge.tonic-off-base': 'the shape begun on another row at {note}',
  'treble.charge.outside-shape': 'a row outside the shape at {note}',
  'treble.charge.row-crossing': 'fingers of two rows change over at {note}',
  'treble.charge.thumb-pass': 'the thumb passes at {note}',
  'treble.charge.finger-pass': 'a finger passes another at {note}',
  'treble.charge.finger-again': 'one finger on two buttons at {note}',
  'treble.charge.finger-change': 'another finger on the same button at {note}',
  'treble.charge.stretch': 'a stretch at {note}',
  'treble.charge.other-octave': 'another finger on {note} than in the other octaves',
  'treble.charge.travel': 'the hand farther off at {note}',
  'bass.charge.columns': 'farther over the board at {note}',
  'bass.charge.from-tonic': 'away from the tonic’s column at {note}',
  'bass.charge.counterbass': 'the counterbass for {note}',
  'bass.charge.tonic-off-fundamental': 'the tonic on a counterbass at {note}',
  'bass.charge.off-finger': 'another finger than the school’s on {note}',
  'bass.charge.hand': 'the hand moves at {note}',
  'bass.charge.rows': 'over the rows at {note}',
  'bass.charge.hop': 'a finger hops at {note}',
  'bass.charge.finger-change': 'another finger on the same button at {note}',
  'bass.charge.other-name': '{note} by the button of its other name',
  'bass.charge.spread': 'the hand spread at {note}',
  'button.treble': 'row {row}',
  'button.bass': BUTTON,
  'pin.button': '{button} on {note} (note {number})',
  'pinned.button': '{button} for {note}',
  'reason.shape':
    '{fingers} lie on rows {from} to {to}, a finger to a row. {every, select, yes {With five rows this shape serves every key.} other {The shape also serves {keys}. The other keys have two shapes more.}}',
  'reason.beside':
    '{finger} on {note}: {why, select, before {the finger of row {row} has just played the note before} next {the finger of row {row} is wanted for the next note} other {so every octave has the same fingers}}.',
  'reason.thumb-passes': 'the thumb goes on to {to}, and the hand after it.',
  'reason.little': '5 on {note}: the hand need not go on.',
  'other.rows': 'begun on row {row}: {price}',
  'other.finger': '{where, select, first {begins} last {ends} other {turns}} with {finger} on {note}: {why}',
  'reason.strokes':
    '{finger} on {bass} and {other} on {alternate}: {hops, select, yes {the same finger goes over to the alternate bass} other {the other finger has the alternate bass}}, {chord} stays over the chords. School: {school, select, three_two {three and two} other {four and three}}.',
  'reason.counterbass': '{notes} by the counterbass: the bass of that name lies farther over the board.',
  'reason.only-button': '{note} has but one button on this board: the {button}.',
  'reason.leap': 'from {from} to {to} the hand goes {columns} columns over the board: the hardest place of the line.',
  'reason.off-finger': '{finger} on {notes}, where the school has {usual}: so the hand need not move.',
  'reason.off-fingers': 'on {count} notes another finger than the school’s own: so the hand need not move.',
  'reason.root-again': 'this board of {bass} has no bass for the fifth of {note}: the root again instead.',
  'reason.left-pin': 'pinned: {pins}.',
  'other.school': 'school {school, select, three_two {three and two} other {four and three}}: {price}',
  'other.button': '{note} by the {button}: {price}',
  'other.left-finger': '{finger} on {note}: {price}',
  'lacks.bass': 'bass {note}',
  'lacks.chord': `{note} ${'{row, select, major {major} minor {minor} seventh {seventh} other {diminished}}'}`,
  'error.free.lacks':
    'The free bass of {notes} notes has no {note} here. Begin elsewhere, play fewer octaves, or say where its lowest note is.',
  'error.bass.lacks':
    'A board of {bass} has no {lacks}. {count, plural, =0 {No key has all of this on it: take a larger board, or another part for the left hand.} other {It has this in {has}.}}',
  'error.bass.rows':
    'A board has fundamentals: accordion.rows must name their row, and accordion.missing leave a button of it.',
  'error.treble.school':
    '“{school}” is no school for {plays, select, keys {keys} other {buttons}}. There are: {among}.',
  'error.left.thumb': 'The left thumb does not play: it steadies the instrument. Pin 2, 3, 4 or 5.',
  'error.left.none': 'The left hand alone needs something to play: accordion.left.part must not be none.',
  'error.left.held':
    'A held bass is held under the right hand: accordion.left.part must be another where the left hand plays alone.',
  'error.left.material':
    'The bass board cannot play this as {part, select, scale {a bass scale: it sounds one note at a time} alternating {alternating bass: no button gives its chord} waltz {waltz bass: no button gives its chord} chords {chords: no button gives them} held_bass {over a held bass: that is for scales and arpeggios} other {a cadence: no button gives its chords}}.',
  'error.hands.accordion':
    '{field, select, motion {A bass board has no octaves of its own, so there is no contrary motion: motion must be similar.} interval {A bass board has no octaves of its own: interval must be octave.} other {The left hand’s part is told by accordion.left.part: pattern.accompaniment must be none.}}',
  'error.bars.empty': 'accordion.left.bars must name at least one chord where the harmony is your own.',
} as const
