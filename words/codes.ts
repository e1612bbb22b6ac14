import type { ButtonErrors, ButtonMessages } from '#core/buttons'
import type { CallMessages } from '#core/call'
import type { CompareMessages } from '#core/compare'
import type { DifficultyMessages } from '#core/difficulty'
import type { FingeringErrors, FingeringMessages } from '#core/fingering'
import type { FormatErrors } from '#core/formats'
import type { InstrumentErrors, InstrumentMessages } from '#core/instrument'
import type { MaterialErrors, MaterialMessages } from '#core/material'
import type { PitchErrors } from '#core/pitch'
import type { PracticeErrors, PracticeMessages } from '#core/practice'
import type { RealiseErrors, RealiseMessages, TitleMessages } from '#core/realise'
import type { StickingErrors, StickingMessages } from '#core/sticking'
import type { StudyErrors, StudyMessages } from '#core/study'
import type { SyllabusErrors, SyllabusMessages } from '#core/syllabus'
import type { TogetherMessages } from '#core/together'

type Told =
  | keyof ButtonMessages
  | keyof CallMessages
  | keyof CompareMessages
  | keyof DifficultyMessages
  | keyof FingeringMessages
  | keyof InstrumentMessages
  | keyof MaterialMessages
  | keyof PracticeMessages
  | keyof RealiseMessages
  | keyof StickingMessages
  | keyof StudyMessages
  | keyof SyllabusMessages
  | keyof TitleMessages
  | keyof TogetherMessages
type Refused =
  | keyof ButtonErrors
  | keyof FingeringErrors
  | keyof FormatErrors
  | keyof InstrumentErrors
  | keyof MaterialErrors
  | keyof PitchErrors
  | keyof PracticeErrors
  | keyof RealiseErrors
  | keyof StickingErrors
  | keyof StudyErrors
  | keyof SyllabusErrors

/** Everything that the core can say: a catalogue that lacks one of them does not compile. */
export type CoreCode = Told | `error.${Refused}`
