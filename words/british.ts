/** What British readers say otherwise: note values, tones and semitones, bars. */
export const british = {
  'kind.octatonic-half-whole': 'octatonic, semitone first',
  'kind.octatonic-whole-half': 'octatonic, tone first',
  'pattern.name.relay-half-step': 'relay by semitones',
  notes:
    '{perBeat, select, 1 {crotchets} 2 {quavers} 3 {triplets} 4 {semiquavers} 6 {sextuplets} other {demisemiquavers}}',
  'section.notes':
    'in {perBeat, select, 1 {crotchets} 2 {quavers} 3 {triplets} 4 {semiquavers} 6 {sextuplets} other {demisemiquavers}}',
  'shape.journey.relay-half-step': 'relay by semitones',
  'shape.keyStep.half-step': 'by semitones',
  'shape.keyStep.whole-step': 'by tones',
  'echo.tempo.notesPerBeat':
    '{value, select, 1 {in crotchets} 2 {in quavers} 3 {in triplets} 4 {in semiquavers} 6 {in sextuplets} other {in demisemiquavers}}',
  'echo.ask.beat':
    '{value, select, eighth {quaver beats} dotted_eighth {dotted quaver beats} quarter {crotchet beats} dotted_quarter {dotted crotchet beats} dotted_half {dotted minim beats} whole {semibreve beats} other {minim beats}}',
  'echo.tempo':
    '{beat, select, eighth {quaver} dotted_eighth {dotted quaver} dotted_quarter {dotted crotchet} half {minim} dotted_half {dotted minim} whole {semibreve} other {crotchet}} = {bpm}{most, select, none {} other { to {most}}}',
  'error.format.pitch': 'A pitch in bar {measure} is none.',
  'error.rhythm.beat':
    '{why, select, threes {Notes in threes have no pairs: long-short, short-long and swing need 1, 2, 4 or 8 notes to the beat.} other {Demisemiquavers in long-short pairs would need hemidemisemiquavers, which are not written here.}}',
  'desk.tempo-choice.word': 'Tempo: crotchet = {bpm}, in {notesMessage}',
  'desk.tempo-choice.bpm': 'Crotchets a minute',
  'name.beat':
    '{beat, select, eighth {♪} dotted_eighth {dotted ♪} dotted_quarter {dotted ♩} half {minim} dotted_half {dotted minim} whole {semibreve} other {♩}}',
  'name.value':
    '{dotted, select, yes {dotted } other {}}{triplet, select, yes {triplet } other {}}{value, select, whole {semibreve} half {minim} quarter {crotchet} eighth {quaver} sixteenth {semiquaver} other {demisemiquaver}}',
  'diff.moved':
    'transposed {by, plural, =1 {a semitone} =2 {a tone} other {# semitones}} {way, select, up {up} other {down}}',
  'diff.degree':
    'degree {degree} lies {by, plural, =1 {a semitone} =2 {a tone} other {# semitones}} {way, select, up {higher} other {lower}}',
  'call.long-notes': 'Studies are written in crotchets to demisemiquavers. Minims and semibreves are not available.',
  'call.rounded': 'The tempo is rounded to {bpm} crotchets a minute.',
  'echo.moved':
    '{semitones, plural, =1 {a semitone} =2 {a tone} other {# semitones}} {way, select, up {up} other {down}}',
  'open.no-beat': 'Of which beats is the tempo? Taken as crotchets.',
  'open.no-tempo': 'No tempo is named. Taken as 60 in quavers.',
  'open.no-notes': 'No note value is named. Taken as quavers.',
  'print.worksheet.task':
    '{task, select, signature {Write the key signature.} notes {Write the notes one octave up, accidentals before the notes, without a key signature.} steps {Write the step between each two notes: T for a tone, S for a semitone, TS for three semitones.} tetrachords {Bracket the two groups of four notes and name each: major, minor, Phrygian, harmonic or Lydian.} black_keys {Which degrees lie on black keys? Write their numbers.} button_rows {Write the row of each button, 1 for the outermost.} bass_rows {Bass or counterbass? Write B or C for each note of the left hand.} bass_columns {How many columns from the tonic does each button lie? Write + towards the chin, − away from it.} chord_buttons {Name the buttons of the chords I, IV and V7: M, m, 7 or d after the root.} board_way {How many columns is it from each button to the next, by the shortest way?} bar_rows {Write N for each bar of the near row, F for each of the far row.} row_moves {Where do the hands move? Write + for out to the far row, − for back in.} upper_marks {Write the {player, select, sticks {sticks: R or L} left {left hand’s fingers} other {right hand’s fingers}} on the way up.} lower_marks {Write the {player, select, sticks {sticks: R or L} left {left hand’s fingers} other {right hand’s fingers}} on the way up.} crossings {Ring each finger on which {player, select, left {the left hand} sticks {a stick} other {the right hand}} crosses.} twin {Write the enharmonic key, and its key signature.} arpeggio {Spell the chord: root position and inversions.} line {Go on with the motif from degree to degree, as far as the stave goes.} other {Natural, harmonic or melodic? Name the form of each minor scale.}}',
  'print.worksheet.short':
    '{task, select, signature {Key signatures} notes {Notes} steps {Tones and semitones} tetrachords {Tetrachords} black_keys {Black keys} button_rows {Rows of buttons} bass_rows {Bass or counterbass} bass_columns {Columns of the board} chord_buttons {Chord buttons} board_way {The way over the board} bar_rows {Rows of bars} row_moves {Moves between the rows} upper_marks {{player, select, sticks {Sticks} left {Left hand’s fingers} other {Right hand’s fingers}}} lower_marks {{player, select, sticks {Sticks} left {Left hand’s fingers} other {Right hand’s fingers}}} crossings {Crossings} twin {Enharmonic keys} arpeggio {Chords spelled} line {A motif goes on} other {Forms of minor}}',
  'hear.show-choice.steps': 'tones and semitones',
  'hear.show-choice.steps-example': 'T T S',
  'neighbour.step': '{semitones, plural, =1 {S} =2 {T} =3 {TS} other {#}}',
  'print.worksheet.step': '{semitones, plural, =1 {S} =2 {T} =3 {TS} other {#}}',
} as const
