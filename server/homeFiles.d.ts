declare module '#home-files' {
  /** Addresses of the program and of the styles of a pupil's page, as they were built. */
  export const homeFiles: () => { readonly script: string; readonly styles: readonly string[] }
  /** The program that keeps the page open without a connection. */
  export const homeWorker: () => string
}
