<template>
  <main id="content" class="paper"><slot /></main>
</template>

<style>
@media screen {
  .paper {
    max-width: 954px;
    margin: 0 auto;
    padding: 18px 26px 60px;
  }
}
@media print {
  html {
    background: none;
  }
  .not-printed {
    display: none !important;
  }
}
</style>
