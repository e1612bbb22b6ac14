import { getContext, getDraw, getTransport, now } from 'tone'
import {
  clicksOver,
  countIn,
  type Metronome,
  type PlayedNote,
  playedNotes,
  type Practice,
  type Round,
  clicksInBar,
  roundsOf,
  type Silence,
} from '#core/playback'
import type { RealisedStudy } from '#core/realise'
import type { Hand } from '#core/study'
import type { Instrument } from './instrument'

/** What is to be heard, and how. */
export interface PlayRequest {
  readonly practice: Practice
  readonly hands: readonly Hand[]
  readonly metronome: Metronome
  /** In which bars it is silent. */
  readonly silence: Silence
  /** How loud each hand is, 0 to 1. */
  readonly balance: Readonly<Record<Hand, number>>
  /** Whether the sound dips where bellows turn. */
  readonly dips: boolean
  /** Bars counted before the first note. */
  readonly countIn: 0 | 1 | 2
}

/** What the page is told, in time with the sound. */
export interface Listener {
  /** A step sounds (or would, where the bar is left to the pupil); `late` is how many seconds after its sound it is told. */
  step(step: number, round: Round, late: number): void
  ended(): void
}

/** Ticks of a beat: whole for halves, thirds, quarters, sixths and eighths, and fine enough for any swing. */
const TICKS = 960
/**
 * The first tick on which anything is laid. The very first of a start may be passed over: the transport finds its time in
 * two ways, and leaves it out where rounding puts one before the other.
 */
const FIRST_TICK = 1
const NEAR = 1e-6
/** How hard a note is struck that is tried on a key. */
const STRENGTH = 0.75
/** From the press to the first click. */
const LEAD_SECONDS = 0.03
/** So many stretches are laid out ahead of the one that sounds. */
const AHEAD = 2

/** Plays a study round by round on the audio clock; every start is a new one. */
export class Player {
  private notes: readonly PlayedNote[] = []
  private rounds: Iterator<Round> = [][Symbol.iterator]()
  private cursor = 0
  /** Beats that were counted before the first round. */
  private begun = 0
  private running = 0

  constructor(
    private instrument: Instrument,
    private readonly listener: Listener,
  ) {}

  /** Begins; what sounded before is cut off. */
  start(study: RealisedStudy, request: PlayRequest, at?: number): void {
    this.stop()
    const transport = getTransport()
    this.running++
    this.notes = playedNotes(study, request)
    this.rounds = roundsOf(study, request.practice, request.hands)
    transport.PPQ = TICKS
    transport.bpm.value = request.practice.bpm
    for (const hand of ['right', 'left'] as const) {
      this.instrument.hear(hand, request.hands.includes(hand))
      this.instrument.balance(hand, request.balance[hand])
    }
    for (const click of countIn(request.countIn, study.rhythm)) {
      this.at(click.beat, (time) => this.instrument.click(click.weight, time))
    }
    this.cursor = this.begun = request.countIn * study.rhythm.beatsPerBar
    for (let ahead = 0; ahead < AHEAD; ahead++) this.lay(study, request)
    transport.start(at ?? now() + LEAD_SECONDS, 0)
  }

  stop(): void {
    this.running++
    const transport = getTransport()
    // at once: a stop that is scheduled ahead would fall after the next start
    transport.stop(getContext().currentTime)
    transport.cancel()
    getDraw().cancel()
    this.instrument.silence()
  }

  /** One note at once, whatever else sounds. */
  strike(midi: number, seconds: number): void {
    this.instrument.hear('right', true)
    this.instrument.balance('right', 1)
    this.instrument.strike('right', { midi, strength: STRENGTH }, seconds, now())
  }

  hear(hand: Hand, heard: boolean): void {
    this.instrument.hear(hand, heard)
  }

  balance(hand: Hand, share: number): void {
    this.instrument.balance(hand, share)
  }

  /** From the next note on it is played by another instrument. */
  playOn(instrument: Instrument): void {
    this.stop()
    this.instrument = instrument
  }

  /** Does something at a beat of the transport, unless it was stopped by then. */
  private at(beat: number, work: (time: number) => void): void {
    const { running } = this
    getTransport().scheduleOnce(
      (time) => running === this.running && work(time),
      `${FIRST_TICK + Math.round(beat * TICKS)}i`,
    )
  }

  /** Lays the next round out behind those that are laid; the end, where there is none. */
  private lay(study: RealisedStudy, request: PlayRequest): void {
    const { done, value: round } = this.rounds.next()
    const begin = this.cursor
    if (done) {
      if (begin < Infinity) this.at(begin, (time) => getDraw().schedule(() => this.listener.ended(), time))
      this.cursor = Infinity
      return
    }
    this.at(begin, (time) => {
      getTransport().bpm.setValueAtTime(round.bpm, time)
      this.lay(study, request)
    })
    const scheduled = new Set<number>()
    for (const note of this.notes) {
      if (note.start < round.from - NEAR || note.start > round.to - NEAR) continue
      this.layNote(note, round, begin, !scheduled.has(note.step))
      scheduled.add(note.step)
    }
    for (const click of clicksOver(round.from, round.to, request.metronome, study.rhythm)) {
      const beat = begin + click.beat - round.from
      const bar = Math.floor((beat - this.begun) / study.rhythm.beatsPerBar + NEAR)
      if (clicksInBar(bar, request.silence)) this.at(beat, (time) => this.instrument.click(click.weight, time))
    }
    this.cursor = begin + round.to - round.from
  }

  /** @param tells whether it is the first of its step, of which the page is told */
  private layNote(note: PlayedNote, round: Round, begin: number, tells: boolean): void {
    this.at(begin + note.start - round.from, (time) => {
      const seconds = (note.beats * 60) / round.bpm
      if (round.sounds) this.instrument.strike(note.hand, note, seconds, time)
      if (tells) this.tell(note.step, round, time)
    })
  }

  private tell(step: number, round: Round, time: number): void {
    const { running } = this
    getDraw().schedule(() => {
      if (running === this.running) this.listener.step(step, round, getContext().currentTime - time)
    }, time)
  }
}
