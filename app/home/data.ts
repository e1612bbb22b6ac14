import type { HomeData } from '#shared/home'

/** What the server wrote into the page. */
export const data = JSON.parse(document.getElementById('week')!.textContent!) as HomeData

/** The secret of the page, from its address. */
export const token = location.pathname.split('/').at(-1)!

export const lineOf = (id: string): HTMLElement => document.getElementById(`line-${id}`)!

/** Says something over the whole page; nothing where the text is empty. */
export const sayOverPage = (text: string): void => {
  document.getElementById('state')!.textContent = text
}
