declare module '*/scripts/lib/packages.mjs' {
  export function ensureBuild(): Promise<void>
}
declare module '*/scripts/lib/postgres.mjs' {
  export function freePort(): Promise<number>
  export function startCluster(
    name: string,
    options?: { throwAway?: boolean },
  ): Promise<{ url: string; stop: () => Promise<void> }>
}
declare module '*/scripts/lib/server.mjs' {
  export function startServer(options: {
    port: number
    databaseUrl: string
    demo?: boolean
    log?: string
  }): Promise<{ address: string; stop: () => Promise<void> }>
}
