/**
 * Where the entry of threads is built to: beside the server's (nuxt.config.ts). Asked late: the build gives every chunk
 * the entry's `import.meta`, as soon as that has begun.
 */
export const threadFile = (): string => new URL('./thread.mjs', import.meta.url).href
