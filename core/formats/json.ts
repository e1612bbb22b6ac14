import type { Bundle } from './piece'

/** Our own: a study by itself as `tactum-study/1`, else a set as `tactum-set/1`. */
export function writeJson({ title, pieces }: Bundle): string {
  const studies = pieces.map(({ study }) => study.recipe)
  const alone = pieces.length === 1 && pieces[0]!.title === title
  return `${JSON.stringify(alone ? studies[0] : { format: 'tactum-set/1', title, studies }, null, 2)}\n`
}
