/** Sticks: schools, reasons, other ways. */
export const sticking = {
  'sticking.doubles': 'doubles where they help',
  'sticking.doubles.idea':
    'Hands alternate, but one strikes twice where the sticks would otherwise cross over a wide step.',
  'sticking.strict': 'strict alternation',
  'sticking.strict.idea': 'Hands alternate whatever comes. Each octave of seven notes begins with the other hand.',
  'sticking.restore-lead': 'lead restored',
  'sticking.restore-lead.idea':
    'Every tonic falls to the same hand, by as few doubles as that takes: one to an octave of seven notes.',
  'sticking.least-effort': 'least effort',
  'sticking.least-effort.idea':
    'Crossings and doubles are weighed against each other. The faster the tempo, the more a double costs.',
  'rudiment.paradiddle': 'paradiddle',
  'rudiment.double-paradiddle': 'double paradiddle',
  'rudiment.paradiddle-diddle': 'paradiddle-diddle',
  'rudiment.inverted-paradiddle': 'inverted paradiddle',
  'stroke.single-independent': 'one mallet again',
  'stroke.single-alternating': 'two mallets of one hand in turn',
  'stroke.double-lateral-out': 'one turn of the wrist, inside out',
  'stroke.double-lateral-in': 'one turn of the wrist, outside in',
  'stroke.double-vertical': 'two mallets of one hand at once',
  'stroke.hand-to-hand': 'from hand to hand',
  double:
    'double {first} {second} in the {hand, select, right {right} other {left}} hand{why, select, none {} other {, {why}}}',
  'reason.double': 'Double {first} {second} in the {hand, select, right {right} other {left}} hand, {why}.',
  'double.pinned': 'as pinned',
  'double.restores': 'so that {note} falls to the {hand, select, right {right} other {left}} again',
  'double.uncrosses': 'so that the sticks do not cross from {from} to {to}',
  'double.frees': 'so that the {hand, select, right {right} other {left}} is free to stop {note}',
  'double.cheaper': 'which costs less than any other way here',
  'double.falls': 'so that {note} falls to the {hand, select, right {right} other {left}}',
  'double.of-rudiment': 'part of the {rudiment}',
  'without-double': 'without one of the doubles',
  'reason.damp-back':
    '{pedal, select, down {The pedal stays down} beat {The pedal is held for each beat} other {The pedal is held for each bar}}, so a bar is stopped before its neighbour mixes with it: the mallet that struck it goes back on it as the other strikes on.',
  'reason.damp-follows':
    'The {hand, select, right {right} other {left}} mallet follows and stops {note} as {next} is struck.',
  'reason.dead':
    '{which, select, all {Every stroke stays} other {Strokes on the beat stay}} on the bar, which stops at once: a dead stroke.',
  'reason.sticks-cross': 'The sticks cross from {from} to {to}: the left strikes {upper}, the upper of the two.',
  'stick.count':
    '{hard, plural, =0 {no hard crossing} =1 {one hard crossing} other {# hard crossings}} and {doubles, plural, =0 {no double} =1 {one double} other {# doubles}}{across, select, none {} one {, across the rows} all {, all across the rows} other {, {rowDoubles} across the rows}}',
  'reason.lead':
    'Led by the {lead, select, right {right} other {left}}: {own}. Led by the {lead, select, right {left} other {right}}: {other}.',
  'reason.octaves':
    'Strict alternation swaps the lead from octave to octave: here one begins with the {hand, select, right {right} other {left}}.',
  'reason.tops':
    '{swaps, select, yes {The top is struck twice, once with either hand, so every bar changes hands on the way back.} other {The top is struck twice with one hand, so every bar keeps its hand on the way back.}}',
  'reason.stick-pin':
    'Pinned: {notes}. {costs, select, yes {Left alone, other sticks would cost less.} other {It costs nothing.}}',
  'reason.together': 'Both sticks strike at once, the left below.',
  'reason.figure':
    'Mallets {figure}, numbered {numbering, select, low_to_high {from the lowest} other {from the highest}}: {strokes}.',
  'reason.turns':
    'The {hand, select, right {right} other {left}} stick goes all the way {first, select, up {up, the other all the way down} other {down, the other all the way up}}.',
  'reason.rudiment':
    '{rudiment}: {row} …, the first accented. {swaps, select, yes {Every second one begins with the other hand.} other {It begins with the same hand every time.}}',
  'reason.roll':
    '{manner, select, separate {Every note begins anew with the {hand, select, right {right} other {left}}} other {The hands go on from the {hand, select, right {right} other {left}} while the notes change under them}}, {ending, select, tied {tied into the next note} other {let go before the next note}}: {strokes} strokes to the beat, {perSecond} a second.',
  'reason.roll-register':
    'This register usually takes {least} to {most} strokes a second. {reach, select, within {At this tempo {strokes} to the beat make {perSecond}.} short {At this tempo even {strokes} to the beat make only {perSecond}: from ♩ = {bpm} they are enough.} other {At this tempo {strokes} to the beat already make {perSecond}: up to ♩ = {bpm} they are few enough.}} {doubt}',
  'roll.doubt':
    'Roll speeds are planning values, not measured: mallets, bars and players differ, and soft or slow music wants fewer.{make, select, vibraphone { The vibraphone is rarely rolled: its pedal sustains.} glockenspiel { The glockenspiel is rolled sparingly: its bars ring on.} other {}}',
  'alternative.sticks': '{double}: {count}',
  'because.strict': 'while they alternate strictly from the {hand, select, right {right} other {left}}',
  'because.restores': 'while every tonic falls to the {hand, select, right {right} other {left}}',
  'dictates.figure': 'The figure of four mallets',
  'dictates.roll': 'A roll',
  'dictates.rudiment': 'The {rudiment}',
  'dictates.turns': 'One stick up, the other down',
  'error.field.instrument':
    '{field} is for {for, select, fingers {fingers} other {mallets}}, but {instrument, select, sticks {a stick is R or L} piano {this study is for the piano} other {this study is for {instrument}}}.',
  'error.mallets.figure':
    '{why, select, strokes {mallets.figure must list up to {most} strokes of the mallets 1 to 4, such as 1234 or (12)(34).} other {One mallet cannot strike two bars at once.}}',
  'error.mallets.shape': 'mallets.shape must list four degrees over the root, the first 0.',
  'error.mallets.crossed':
    'Mallets are never crossed: mallets.shape must rise, and {degree} does not lie above {below}.',
  'error.mallets.reach':
    'The {hand, select, right {right} other {left}} hand would hold {pitches} {apart} mm apart. Its reach is {reach} mm.',
  'error.mallets.material':
    'Four mallets move a chord through {kind, select, pitches {a scale, not a list of pitches} other {a run in single notes. This is {kind}}}.',
  'error.mallets.pitches': 'Two sticks strike two bars at the most.',
  'error.instrument.material':
    'A {kind} {why, select, chords {has chords of three notes} other {is shared between the hands by fingers}}. Mallets need single or double notes.',
  'error.instrument.hands': 'On mallets both sticks share one line: {field} must be {value} for {instrument}.',
  'error.rhythm.ladder':
    '{why, select, no_roll {A ladder of strokes is climbed by rolls: set roll.manner.} rolled {Rolled notes keep their length: they climb the ladder of strokes.} other {A ladder of strokes is climbed by rolls, on mallets.}}',
  'error.ring.pedal': 'Only a vibraphone has a pedal: ring.pedal must be note for {instrument}.',
  'error.ring.dead': 'A roll keeps its bars ringing: ring.dead must be none where notes are rolled.',
  'error.ring.damping':
    '{why, select, pedal {The pedal changes with every note, so nothing is left to stop: ring.pedal must be beat, bar or down.} double {Double notes take both mallets, so none is free to stop a bar: ring.damping must be none.} other {Rolls, rudiments, four mallets and hands by turns leave no mallet free to stop a bar: ring.damping must be none.}}',
  'error.roll.mallets': 'Rolls are for two mallets here.',
  'error.roll.rudiment': 'A rudiment is not rolled.',
  'error.roll.strokes':
    '{strokes} strokes to the beat do not make a roll on {notes} notes: each note needs two strokes or more.',
  'error.rudiment.mallets': 'Rudiments are for two mallets.',
  'error.rudiment.material': 'Rudiments need single notes: double stops take both sticks at once.',
  'error.pin.dictated': '{what} says which stick strikes: there is nothing to pin.',
} as const
