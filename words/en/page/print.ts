/** Paper. */
export const print = {
  'print.paper-bar.back': 'Back',
  'print.paper-bar.paper': 'Paper',
  'print.paper-bar.print': 'Print',
  'print.chart.title': '{kind} in all keys',
  'print.chart.group':
    '{alike, select, yes {These {count, plural, =2 {two} =3 {three} =4 {four} =5 {five} =6 {six} other {#}} share a pattern: {keys}} other {{count, plural, =1 {This one goes its own way: {keys}} other {Each of these goes its own way: {keys}}}}}',
  'print.chart.player': '{player, select, right {RH} left {LH} other {}}',
  'print.chart.signs':
    '{fifths, plural, =0 {no signs} other {{signs} {of, select, sharp {{signs, plural, =1 {sharp} other {sharps}}} other {{signs, plural, =1 {flat} other {flats}}}}}}',
  'print.chart.landmark': '{player} 4 on {notes}',
  'print.sheet.name': 'Name ______________________',
  'print.sheet.date': 'Date ______________',
  'print.sheet.page': '{at} of {of}',
  'print.paper-foot.start-slowly-and-stay':
    'Start slowly and stay loose; short sessions with breaks; raise tempo or minutes, not both at once. Do not stretch to force a span.',
  'print.paper-foot.stop-at-pain-numbness':
    'Stop at pain, numbness or tingling and see a doctor or a hand therapist. Usual cautions, not medical advice: your teacher’s and doctor’s word goes first.',
  'print.printed-study.engraving': 'engraving …',
  'print.printed-study.in': 'in {notesTold}',
  'print.id.for': 'for {name}',
  'print.id.there-is-nothing-in': 'There is nothing in this set to print.',
  'print.id.print-tactum': 'Print · Tactum',
  'print.id.for-print': '{what}, for print',
} as const
