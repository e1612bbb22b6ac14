/** What frames every page. */
export const frame = {
  'frame.disk':
    'The disk is full, so nothing can be saved. Your changes stay on this page. Free some space, and they are saved.',
  'frame.away': 'The server does not answer. Your changes stay on this page, and are saved when it is back.',
  'frame.page-missing':
    'The server does not answer, and this page is not loaded yet. It opens as soon as the server is back. What is open here goes on working.',
  'frame.sure-button.sure-bin': 'Move to the bin?',
  'frame.sure-button.delete': 'Delete',
  'frame.sure-button.keep': 'Cancel',
  'frame.the-head.main': 'Main',
  'frame.the-head.today': 'Today',
  'frame.the-head.desk': 'Desk',
  'frame.the-head.library': 'Library',
  'frame.the-head.pupils': 'Pupils',
  'frame.the-head.syllabi': 'Syllabi',
  'frame.the-head.paper': 'Print',
  'frame.the-head.files': 'Files',
  'frame.the-head.settings': 'Settings',
  'frame.the-head.help': 'Help',
  'frame.desk-actions.too-large': '{name} is larger than 1 MB: not a study.',
  'frame.error.not-found': 'Page not found',
  'frame.error.failed': 'Something went wrong',
  'frame.error.no-page': 'There is no page at this address.',
  'frame.error.to-desk': 'To the desk',
  'frame.default.skip': 'Skip to the content',
} as const
