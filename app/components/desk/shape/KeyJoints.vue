<script setup lang="ts">
import { computed } from 'vue'
import { choiceMessage } from '#core/realise'
import type { Recipe, RecipeInput } from '#core/instrument'
import { courseOfKeys, isFree, LEG_WAYS, type LegWay, type LinkId, LINKS } from '#core/study'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { formatMessage, t } from '~/composables/words'
import { namedJourney } from './journeys'

/** Each key whole or one leg of it, and what leads from key to key; nothing where the study stays in its own. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [pattern: NonNullable<RecipeInput['pattern']>] }>()

const course = computed(() => {
  const { material, pattern } = props.recipe
  return isFree(material) ? null : courseOfKeys(pattern.journey, material)
})
/** What is only asked may leave it open. */
const way = computed(() => course.value?.legs ?? 'each')
const legs = LEG_WAYS.map((each) => ({ value: each, words: formatMessage(choiceMessage('legs', each)) }))
const links = LINKS.map((link) => ({ value: link, words: formatMessage(choiceMessage('link', link)) }))

function chooseLegs(way: LegWay): void {
  const own = course.value
  if (!own) return
  // a name goes with all keys of its way; a number of one's own stays
  const whole = typeof props.recipe.pattern.journey === 'string' && 'by' in own ? namedJourney(own.by, way) : undefined
  emit('change', { journey: whole ?? { ...own, legs: way } })
}
</script>

<template>
  <div v-if="course">
    <p class="head">{{ t('desk.shape-it.legs') }}</p>
    <ChoiceGroup :label="t('desk.shape-it.legs')" :value="way" :choices="legs" @choose="chooseLegs" />
    <p class="head">{{ t('desk.shape-it.link') }}</p>
    <ChoiceGroup
      :label="t('desk.shape-it.link')"
      :value="recipe.pattern.link"
      :choices="links"
      @choose="emit('change', { link: $event as LinkId })"
    />
  </div>
</template>
