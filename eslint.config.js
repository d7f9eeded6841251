// What runs in browsers and what builds it: the recommended rules, and none of them set aside.
import js from '@eslint/js';
import globals from 'globals';

const browser = { ...globals.browser };
const rules = {
  ...js.configs.recommended.rules,
  eqeqeq: 'error',
  'no-unused-vars': ['error', { ignoreRestSiblings: true }],
  'no-var': 'error',
  'object-shorthand': 'error',
  'prefer-const': 'error',
  'no-shadow': 'error',
  'no-use-before-define': ['error', { functions: false, classes: false, variables: false }],
};

export default [
  { files: ['player/src/**/*.js', 'app/frontend/src/**/*.js'], languageOptions: { globals: browser }, rules, linterOptions: { noInlineConfig: true } },
  { files: ['*.js', '**/build.mjs'], languageOptions: { globals: globals.node }, rules, linterOptions: { noInlineConfig: true } },
];
