// Scripts of the pages, their tests and the build: what the checker recommends, and no component that must be scrolled far.
import js from '@eslint/js';
import globals from 'globals';

export default [
  js.configs.recommended,
  { files: ['js/**'], languageOptions: { globals: globals.browser } },
  { files: ['test/**', '*.mjs'], languageOptions: { globals: globals.node } },
  {
    rules: {
      eqeqeq: 'error',
      'no-var': 'error',
      'prefer-const': 'error',
    },
  },
  {
    files: ['js/components/**'],
    rules: { 'max-lines': ['error', { max: 150, skipBlankLines: true, skipComments: true }] },
  },
];
