declare module 'midi-parser-js' {
  const midiParser: { parse(base64: string): unknown }
  export default midiParser
}
