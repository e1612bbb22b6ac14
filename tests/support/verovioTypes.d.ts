declare module 'verovio/wasm' {
  export default function createVerovioModule(): Promise<object>
}
declare module 'verovio/esm' {
  export const LOG_WARNING: number
  export function enableLog(level: number, module: object): void
  export function enableLogToBuffer(value: boolean, module: object): void
  export class VerovioToolkit {
    constructor(module: object)
    setOptions(options: object): void
    loadData(data: string): boolean
    getLog(): string
    getMEI(options: object): string
    renderToMIDI(): string
  }
}
