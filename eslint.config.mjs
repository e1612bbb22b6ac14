import withNuxt from './.nuxt/eslint.config.mjs'

export default withNuxt(
  { ignores: ['.output', '.tactum', '.nuxt'] },
  {
    rules: {
      'max-lines': ['error', { max: 320, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 70, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 16],
      'no-console': 'off',
      'vue/multi-word-component-names': 'off',
      'vue/html-self-closing': 'off',
    },
  },
  {
    files: ['tests/**'],
    rules: { 'max-lines-per-function': 'off', '@typescript-eslint/no-explicit-any': 'off' },
  },
)
