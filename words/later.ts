/** What is said beyond the first page. */
export { later } from './en/later'
