/** Words in which not every letter stands twice, and that nobody typed. */
export function notInPseudo(formatted: readonly string[], typed: ReadonlySet<string>): string[] {
  const left = formatted.flatMap((text) => {
    const words = text.match(/\p{L}{2,}/gu) ?? []
    return words
      .filter((word) => !/^(?:(\p{L})\1)+$/iu.test(word) && !typed.has(word))
      .map((word) => `${word}: ${text}`)
  })
  return [...new Set(left)]
}
