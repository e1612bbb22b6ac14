/** Paper. */
export const print = {
  'print.paper-bar.back': 'Back',
  'print.paper-bar.paper': 'Paper',
  'print.paper-bar.print': 'Print',
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
