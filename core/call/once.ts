import type { Message } from '../message'

/** Messages, each once. */
export const once = (messages: readonly Message[]): Message[] => [
  ...new Map(messages.map((message) => [JSON.stringify(message), message])).values(),
]
