import withNuxt from './.nuxt/eslint.config.mjs'

/**
 * Two words in a row: what only a catalogue may hold. Names in the browser's storage are none, nor is what a program
 * says to its programmers when it throws.
 */
const SAID = '/^(?!tactum ).*([A-Za-z]{2,}[:;.]? [a-z]{2,}|[a-z] ?…)/'
const TOLD = 'What is said stands in words/, and is asked for by its code.'
const literalText = (within = '') =>
  [
    `:not(NewExpression) > Literal[value=${SAID}]`,
    `:not(NewExpression) > TemplateLiteral > TemplateElement[value.cooked=${SAID}]`,
    // one word between two values: “3 on F”
    `:not(NewExpression) > TemplateLiteral > TemplateElement[value.cooked=/^ [a-z]{2,} $/]`,
  ].map((selector) => ({ selector: `${within}${selector}`, message: TOLD }))

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
    files: ['core/**', 'app/**', 'shared/**'],
    // the grammar of calls reads words, and writes them: it is one language by its nature
    // so are files, whose syntax is their own
    ignores: [
      'core/call/**',
      'core/formats/**',
      'core/material/kinds/**',
      'core/study/line/named/**',
      'core/instrument/**/lexicon.ts',
      'core/instrument/mallets/written.ts',
    ],
    rules: { 'no-restricted-syntax': ['error', ...literalText()] },
  },
  {
    files: ['app/**/*.vue'],
    rules: {
      'vue/no-restricted-syntax': ['error', ...literalText('VElement > VExpressionContainer ')],
      'vue/no-bare-strings-in-template': [
        'error',
        {
          allowlist: [
            ',',
            '.',
            '·',
            '=',
            '♩',
            '−',
            '+',
            '~',
            '×',
            '–',
            '…',
            '(',
            ')',
            '/',
            ':',
            '“',
            '”',
            '?',
            '%',
            ';',
            '♩ =',
            '. ',
            'Tactum',
            '↑',
            '↓',
            'JSON',
            'CSV',
          ],
          // what HTML shows, and what our own components show by these names
          attributes: {
            '/.+/': ['title', 'aria-label', 'aria-placeholder', 'aria-roledescription', 'aria-valuetext'],
            input: ['placeholder'],
            img: ['alt'],
            '/^[A-Z]/': ['label', 'words', 'question', 'yes', 'note', 'heading', 'lead'],
          },
        },
      ],
    },
  },
  {
    files: ['tests/**'],
    rules: { 'max-lines-per-function': 'off', '@typescript-eslint/no-explicit-any': 'off' },
  },
  {
    files: ['tests/**'],
    ignores: ['tests/torture/**', 'tests/nightly/**', 'tests/support/torture/**'],
    rules: {
      'no-restricted-properties': [
        'error',
        {
          object: 'performance',
          property: 'now',
          message: 'No test fails because a machine is slow: speed is measured by the bench.',
        },
      ],
    },
  },
)
