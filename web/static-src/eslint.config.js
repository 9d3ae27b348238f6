import js from '@eslint/js';
import globals from 'globals';

export default [
  js.configs.recommended,
  {
    files: ['js/**'],
    languageOptions: { sourceType: 'module', globals: { ...globals.browser, Alpine: 'readonly' } },
    rules: {
      eqeqeq: 'error',
      'no-var': 'error',
      'prefer-const': 'error',
      'no-implicit-globals': 'error',
      'max-lines': ['error', 140],
      'max-lines-per-function': ['error', 130],
      'no-restricted-properties': ['error', { property: 'innerHTML' }],
    },
  },
];
