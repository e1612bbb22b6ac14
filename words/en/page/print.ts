/** Paper: what stands on sheets, and the page on which they are made. */
export const print = {
  'print.book.contents': 'Contents',
  'print.book.count': '{count, plural, one {one study} other {# studies}}',
  'print.paper-bar.back': 'Back',
  'print.paper-bar.paper': 'Paper',
  'print.paper-bar.print': 'Print',
  'print.tempo': 'in {notesMessage}',
  'print.chart.title': '{kind} in all keys',
  'print.chart.group':
    '{alike, select, whole {These {count, plural, =2 {two} =3 {three} =4 {four} =5 {five} =6 {six} other {#}} share a pattern: {keys}} by_hand {{count, plural, =1 {Here each hand keeps to a group of its own} other {In these each hand keeps to a group of its own}}: {keys}} other {{count, plural, =1 {This one goes its own way: {keys}} other {Each of these goes its own way: {keys}}}}}',
  'print.chart.rules': '{player, select, right {Right hand} left {Left hand} other {{player}}}: {rules}.',
  'print.chart.rule':
    '4 on {by, select, degree {the {degree, select, 1 {keynote} 2 {second} 3 {third} 4 {fourth} 5 {fifth} 6 {sixth} 7 {seventh} other {note {degree}}}} other {{note}}} in {keys}',
  'print.chart.rule-own': 'by {count, plural, =1 {itself} other {themselves}} {keys}',
  'print.chart.own': '{key} (4 on {note})',
  'print.chart.by-itself': '{landmark}, by itself',
  'print.chart.player': '{player, select, right {RH} left {LH} other {}}',
  'print.chart.signs':
    '{fifths, plural, =0 {no sharps or flats} other {{signs} {of, select, sharp {{signs, plural, =1 {sharp} other {sharps}}} other {{signs, plural, =1 {flat} other {flats}}}}}}',
  'print.sheet.name': 'Name ______________________',
  'print.sheet.date': 'Date ______________',
  'print.sheet.page': '{at} of {of}',
  'print.caution.start':
    'Start slowly and stay loose, in short sessions with breaks. Raise tempo or minutes, not both at once. Do not stretch to force a span.',
  'print.caution.stop':
    'Stop at pain, numbness or tingling and see a doctor or a hand therapist. Usual cautions, not medical advice: your teacher’s and doctor’s word goes first.',
  'print.line-of': '{title}: the {hand, select, left {left} other {right}} hand’s line',
  'print.studies.title': 'Studies',
  'print.cards.title': 'Cards to draw from',
  'print.week.title': '{name}, a week from {day}',
  'print.worksheet.title': 'Worksheet {seed}',
  'print.worksheet.answers': '{title}: answers',
  'print.worksheet.task':
    '{task, select, signature {Write the key signature.} notes {Write the notes one octave up, accidentals before the notes, without a key signature.} steps {Write the step between each two notes: W for a whole step, H for a half step, WH for three half steps.} tetrachords {Bracket the two groups of four notes and name each: major, minor, Phrygian, harmonic or Lydian.} black_keys {Which degrees lie on black keys? Write their numbers.} button_rows {Write the row of each button, 1 for the outermost.} bass_rows {Bass or counterbass? Write B or C for each note of the left hand.} bass_columns {How many columns from the tonic does each button lie? Write + towards the chin, − away from it.} chord_buttons {Name the buttons of the chords I, IV and V7: M, m, 7 or d after the root.} board_way {How many columns is it from each button to the next, by the shortest way?} bar_rows {Write N for each bar of the near row, F for each of the far row.} row_moves {Where do the hands move? Write + for out to the far row, − for back in.} upper_marks {Write the {player, select, sticks {sticks: R or L} left {left hand’s fingers} other {right hand’s fingers}} on the way up.} lower_marks {Write the {player, select, sticks {sticks: R or L} left {left hand’s fingers} other {right hand’s fingers}} on the way up.} crossings {Ring each finger on which {player, select, left {the left hand} sticks {a stick} other {the right hand}} crosses.} twin {Write the enharmonic key, and its key signature.} arpeggio {Spell the chord: root position and inversions.} line {Go on with the motif from degree to degree, as far as the staff goes.} other {Natural, harmonic or melodic? Name the form of each minor scale.}}',
  'print.worksheet.short':
    '{task, select, signature {Key signatures} notes {Notes} steps {Whole and half steps} tetrachords {Tetrachords} black_keys {Black keys} button_rows {Rows of buttons} bass_rows {Bass or counterbass} bass_columns {Columns of the board} chord_buttons {Chord buttons} board_way {The way over the board} bar_rows {Rows of bars} row_moves {Moves between the rows} upper_marks {{player, select, sticks {Sticks} left {Left hand’s fingers} other {Right hand’s fingers}}} lower_marks {{player, select, sticks {Sticks} left {Left hand’s fingers} other {Right hand’s fingers}}} crossings {Crossings} twin {Enharmonic keys} arpeggio {Chords spelled} line {A motif goes on} other {Forms of minor}}',
  'print.worksheet.key': '{tonic} {mode, select, minor {minor} other {major}}',
  'print.chart.left-out': 'This instrument has not all notes of {keys}: these keys are left out.',
  'print.worksheet.left-out':
    'These keys have nothing to ask here: {tasks}. Allow more sharps and flats, or other kinds.',
  'print.worksheet.lower': 'Lower four',
  'print.worksheet.upper': 'Upper four',
  'print.worksheet.tetrachord':
    '{kind, select, major {major} minor {minor} phrygian {Phrygian} harmonic {harmonic} other {Lydian}}',
  'print.worksheet.inversion':
    '{inversion, plural, =0 {Root position} =1 {First inversion} =2 {Second inversion} other {Third inversion}}',
  'print.worksheet.form': 'Form',
  'print.worksheet.form-of': '{form, select, natural {natural} harmonic {harmonic} other {melodic, going up}}',
  'print.worksheet.step': '{semitones, plural, =1 {H} =2 {W} =3 {WH} other {#}}',
  'print.worksheet.marks': 'Marks',
  'print.worksheet.total': 'All',
} as const
