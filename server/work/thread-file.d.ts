/** The build makes it (nuxt.config.ts). */
declare module '#thread-file' {
  /** Where the entry of threads is built to. */
  export default function threadFile(): string
}
