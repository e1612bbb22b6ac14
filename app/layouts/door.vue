<template>
  <main id="content" class="flex min-h-screen items-center justify-center p-5">
    <div class="w-[380px] max-w-full border border-ink bg-sheet p-6">
      <p class="font-serif text-[21px] font-semibold">Tactum</p>
      <slot />
    </div>
  </main>
</template>
