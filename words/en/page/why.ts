/** Why so. */
export const why = {
  'why.why-column.why-so': 'Why so',
  'why.why-column.fewer-reasons': 'fewer reasons',
  'why.why-column.more-reasons': '{SHOWN} more reasons',
  'why.why-column.hands-together': 'Hands together',
  'why.why-column.or-else': 'Or else',
  'why.why-column.take-for': 'Take {what} for the {called}',
  'why.why-column.take': 'Take',
  'why.why-column.compare': 'Compare side by side',
  'why.why-column.how-hard': 'How hard',
  'why.why-column.from-note': 'from {printedName}, note {value}',
  'why.why-column.impossible': 'out of the question here',
  'why.why-column.figures': 'In figures',
  'why.why-column.scale':
    'Points of the school: less than {little} more is as good, from {little} a little harder, from {clearly} clearly, from {much} much harder; {beyond} and more is ruled out. An octave’s pattern is priced once, a line as a whole.',
  'why.why-column.costs-more': 'costs {rounded} more',
  'why.why-column.as-good': 'costs no more',
} as const
