import type { RecipeInput } from '#core/instrument'
import type { RealisedStudy } from '#core/realise'
import { type Beside, unpinned } from '~/components/compare/beside'
import { sticksOf } from '#pictures'
import { t } from '~/composables/words'

/** The same line led by the other hand. */
export function otherLead(study: RealisedStudy): Beside[] {
  const { recipe } = sticksOf(study)
  if (recipe.mallets.count === 4) return []
  const lead = recipe.lead === 'right' ? 'left' : 'right'
  const label = t('mallets.besides.lead', { lead })
  return [
    {
      value: 'lead',
      words: label,
      note: t('mallets.besides.other-lead'),
      base: t('mallets.besides.lead', { lead: recipe.lead }),
      recipes: [{ label, recipe: unpinned(study, { lead } as Partial<RecipeInput>) }],
    },
  ]
}
