/** MIDI files of type 1. */
export { readMidiFile } from './read'
export { type MidiOptions, writeMidiFile } from './write'
