<script setup lang="ts">
/** The usual cautions at the foot of a page; bars are loud, so they add their own. */
defineProps<{ mallets?: boolean }>()
</script>

<template>
  <footer class="mt-6 break-before-avoid break-inside-avoid border-t border-rule pt-2 text-[12px] leading-[1.45]">
    Start slowly and stay loose; short sessions with breaks; raise tempo or minutes, not both at once. Do not stretch to
    force a span.
    <template v-if="mallets">
      Mallet instruments are loud at close range: think of hearing protection in small rooms; keep wrists loose.
    </template>
    Stop at pain, numbness or tingling and see a doctor or a hand therapist. Usual cautions, not medical advice: your
    teacher’s and doctor’s word goes first.
  </footer>
</template>
