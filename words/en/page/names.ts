/** What values are called. */
export const names = {
  'name.hand': '{hand, select, right {right} other {left}}',
  'name.hand-size': '{size, select, small {small} large {large} other {average}}',
  'name.clefs': '{clefs, select, own {as they begin} other {change as needed}}',
  'name.clefs.label': 'clefs',
  'name.signature': '{signature, select, parallel {of the major or minor} none {no sharps or flats} other {its own}}',
  'name.strike': '{strike, select, centre {centre} near_end {near end} other {off centre}}',
  'name.make':
    '{make, select, piano {piano} accordion {accordion} marimba {marimba} vibraphone {vibraphone} xylophone {xylophone} glockenspiel {glockenspiel} mallets {mallets} other {{make}}}',
  'name.instrument':
    '{make, select, piano {piano} accordion {accordion} marimba {marimba} vibraphone {vibraphone} xylophone {xylophone} glockenspiel {glockenspiel} other {{make}}} {size}',
  'name.player.short': '{player, select, right {RH} left {LH} other {}}',
  'name.status': '{status, select, covered {covered} near {near} missing {missing} other {not needed}}',
  'name.beat':
    '{beat, select, eighth {♪} dotted_eighth {dotted ♪} dotted_quarter {dotted ♩} half {half note} dotted_half {dotted half note} whole {whole note} other {♩}}',
  'name.value':
    '{dotted, select, yes {dotted } other {}}{triplet, select, yes {triplet } other {}}{value, select, whole {whole} half {half} quarter {quarter} eighth {eighth} sixteenth {sixteenth} other {thirty-second}}',
  'name.held': 'held',
  'name.accented': 'accented',
  'name.pinned': 'pinned',
  'name.saved': 'saved',
} as const
