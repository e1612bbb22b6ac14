/** What frames every page. */
export const frame = {
  'frame.away': 'The server does not answer. What you change is kept on this page, and saved as soon as it is back.',
  'frame.sure-button.into-the-bin': 'Into the bin?',
  'frame.sure-button.throw-it-away': 'Throw it away',
  'frame.sure-button.keep': 'Keep',
  'frame.the-head.main': 'Main',
  'frame.the-head.desk': 'Desk',
  'frame.the-head.library': 'Library',
  'frame.the-head.pupils': 'Pupils',
  'frame.the-head.syllabi': 'Syllabi',
  'frame.desk-actions.is-larger-than-1': '{name} is larger than 1 MB: not a study.',
  'frame.error.a-rest-here-no': 'A rest here, no music',
  'frame.error.that-was-a-wrong': 'That was a wrong note',
  'frame.error.there-is-no-page': 'There is no page at this address.',
  'frame.error.to-the-desk': 'To the desk',
  'frame.default.to-the-page': 'To the page',
} as const
