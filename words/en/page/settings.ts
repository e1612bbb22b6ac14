/** Settings, and the question at the first start. */
export const settings = {
  'settings.display': 'Display',
  'settings.theme': 'Theme',
  'settings.theme.name': '{theme, select, auto {Automatic} light {Light} other {Dark}}',
  'settings.instrument': 'You teach',
  'settings.region': 'Notes, dates, paper',
  'settings.region.name': '{region, select, british {quavers, 12 February} other {eighths, February 12}}',
  welcome: 'Your studio',
  'welcome.name': 'My studio is called',
  'welcome.name.such-as': 'My studio',
  'welcome.name.default': 'My studio',
  'welcome.instrument': 'I teach',
  'welcome.region': 'and write',
  'welcome.empty': 'Start empty',
  'welcome.start': 'Start',
  'welcome.demo': 'Look around in the demo',
} as const
