/** What frames every page. */
export const frame = {
  'frame.disk':
    'The disk is full, so nothing can be saved. What you change stays on this page. Make room on the disk, and it is saved.',
  'frame.away': 'The server does not answer. What you change is kept on this page, and saved as soon as it is back.',
  'frame.sure-button.sure-bin': 'Into the bin?',
  'frame.sure-button.delete': 'Throw it away',
  'frame.sure-button.keep': 'Keep',
  'frame.the-head.main': 'Main',
  'frame.the-head.desk': 'Desk',
  'frame.the-head.library': 'Library',
  'frame.the-head.pupils': 'Pupils',
  'frame.the-head.syllabi': 'Syllabi',
  'frame.the-head.paper': 'Paper',
  'frame.the-head.files': 'Files',
  'frame.desk-actions.too-large': '{name} is larger than 1 MB: not a study.',
  'frame.error.not-found': 'A rest here, no music',
  'frame.error.failed': 'That was a wrong note',
  'frame.error.no-page': 'There is no page at this address.',
  'frame.error.to-desk': 'To the desk',
  'frame.default.skip': 'To the page',
  'frame.the-head.ground': 'Ground: {ground, select, auto {as the system has it} dark {dark} other {light}}. Change it',
  'frame.the-head.ground-now': '{ground, select, auto {◐} dark {●} other {○}}',
} as const
