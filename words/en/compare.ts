/** What changes from one study to another. */
export const compare = {
  'diff.note': '{from} becomes {to}{leg, select, up { going up} down { going down} other {}}',
  'diff.notes': '{changes}',
  'diff.same-notes': 'the same notes',
  'diff.moved':
    'the same {by, plural, =1 {a half step} =2 {a whole step} other {# half steps}} {way, select, up {up} other {down}}',
  'diff.degree':
    'degree {degree} lies {by, plural, =1 {a half step} =2 {a whole step} other {# half steps}} {way, select, up {higher} other {lower}}',
  'diff.gained': '{notes} as well',
  'diff.lost': 'without {notes}',
  'diff.course':
    '{to, select, up_down {up first, then down} down_up {down first, then up} up {up only} other {down only}}, where it was {from, select, up_down {up, then down} down_up {down, then up} up {up only} other {down only}}',
  'diff.no-mark':
    '{player, select, right {right hand: } left {left hand: } other {}}no {plays, select, sticks {stick} other {finger}} changes',
  'diff.marks':
    '{player, select, right {right hand: } left {left hand: } other {}}{count, plural, one {# {plays, select, sticks {stick} other {finger}} changes} other {# {plays, select, sticks {stick} other {finger}}s change}}{one, select, none {} other { ({one})}}{degrees, select, none {} other {, on degrees {degrees}}}{thumbs, select, none {} other {, {thumbs}}}{crossings, plural, =0 {} one {, # {plays, select, accordion {{player, select, left {leap} other {crossing}}} other {crossing}} elsewhere} other {, # {plays, select, accordion {{player, select, left {leaps} other {crossings}}} other {crossings}} elsewhere}}',
  'diff.one': '{from} becomes {to} on {note}',
  'diff.thumbs':
    '{after, select, none {no thumb any more, where it was on {before}} other {thumbs on {after} instead of {before, select, none {nowhere} other {{before}}}}}',
  'diff.places':
    '{player, select, right {right hand: } left {left hand: } other {}}{count, plural, one {# note on another button} other {# notes on other buttons}}',
  'diff.length':
    '{player, select, right {right hand: } left {left hand: } other {}}{more, plural, =0 {} one {# note more} other {# notes more}}{both, select, yes {, } other {}}{fewer, plural, =0 {} one {# note fewer} other {# notes fewer}}',
  'diff.down':
    '{player, select, right {right hand, } left {left hand, } other {}}coming down: {notes} ({count, plural, =0 {every {plays, select, sticks {stick} other {finger}} stays} one {# {plays, select, sticks {stick} other {finger}} changes} other {# {plays, select, sticks {stick} other {finger}}s change}})',
  'diff.comes-in': 'the {player, select, right {right hand comes} left {left hand comes} other {sticks come}} in',
  'diff.left-out': 'the {player, select, right {right hand is} left {left hand is} other {sticks are}} left out',
  'diff.harder':
    '{how, select, same {as hard as before} harder {harder: {to} against {from}} other {easier: {to} against {from}}}',
} as const
