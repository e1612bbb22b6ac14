/**
 * Playback: a realised study as it is heard, in beats. Notes with swing, accents and touch, metronome clicks, and the
 * rounds of a practice loop. Nothing here knows an instrument's sound or a clock.
 */
export { type Click, clicksOver, countIn, type Metronome, METRONOMES } from './clicks'
export { type Listening, type PlayedNote, playedNotes, swung, unswung } from './played'
export { beatsOver, crossingSteps, type Loop, type Practice, type Round, roundsOf } from './rounds'
export { clicksInBar, type Silence, SILENCES } from './silence'
