/** Whether somebody is called so already, however it is written. */
export const isTwice = (name: string, others: readonly string[]): boolean => {
  const plain = (text: string): string => text.trim().replace(/\s+/g, ' ').toLocaleLowerCase()
  return plain(name) !== '' && others.some((other) => plain(other) === plain(name))
}
