/** Work that takes long: done in threads, bounded, shared between those who ask for the same, remembered. */
export { cachedAnswer, thread } from './shared'
export { changedIn, contentIn, contentsIn, playableIn } from './studies'
export { closeThreads } from './threads'
export { weighed } from './weighing'
export { withAbort } from './waiting'
