/** On which ground pages stand: by day or in the evening; `auto` is as the system wishes. Kept in this browser. */
export const GROUND = {
  attribute: 'data-ground',
  modes: { light: 'light', dark: 'dark' },
  storageKey: 'tactum ground',
  disableTransition: true,
}
