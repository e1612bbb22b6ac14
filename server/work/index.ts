/** Work that takes long: done in threads, bounded, shared between those who ask for the same, remembered. */
export { answerTo } from './shared'
export { closeThreads } from './threads'
export { whileAsked } from './waiting'
