/**
 * Worksheet: questions on the keys, each with its answer. Which keys are asked is drawn by chance from a seed, so that
 * the same sheet can be made again. What is drawn and said of them is up to whoever asks.
 */
export { DEFAULT_MOTIF, questionsOf, type Section, type WorksheetRequest } from './worksheet'
export {
  type Form,
  LEVELS,
  type Level,
  type Question,
  type Task,
  TASKS,
  tasksFor,
  type Tetrachord,
  type WrittenAnswer,
} from './question'
