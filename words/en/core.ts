export const core = {} as const
