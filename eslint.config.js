import js from '@eslint/js';
import globals from 'globals';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '.data/**', 'test-results/**'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    rules: {
      eqeqeq: ['error', 'always'],
      'no-console': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { prefer: 'type-imports' }],
      '@typescript-eslint/no-explicit-any': 'error',
      // The query library marks an endpoint without an argument as void.
      '@typescript-eslint/no-invalid-void-type': 'off',
    },
  },
  { files: ['web/**'], languageOptions: { globals: globals.browser } },
  {
    files: ['web/**/*.tsx'],
    ignores: ['web/src/shared/parts/NumberField.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          name: '@mantine/core',
          importNames: ['NumberInput'],
          message: 'NumberField keeps 21.0 as it is typed, and tells the number.',
        },
      ],
    },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "MemberExpression[property.name='data'] > CallExpression[callee.name=/^use.+Query$/]",
          message: 'Take `currentData` of a query: `data` may be the answer to another question.',
        },
        {
          selector:
            "VariableDeclarator[init.type='CallExpression'][init.callee.name=/^use.+Query$/][init.arguments.length>0]:not([init.arguments.0.type='Identifier'][init.arguments.0.name='undefined']) > ObjectPattern > Property[key.name='data']",
          message:
            '`data` is what was asked for last while another is on its way; `currentData` is what is asked for.',
        },
      ],
    },
  },
  { files: ['web/**/*.{ts,tsx}'], ...reactHooks.configs.flat['recommended-latest'] },
  {
    files: ['scripts/**', '*.cjs', 'e2e/**', 'server/**'],
    languageOptions: { globals: globals.node },
  },
  { files: ['scripts/**'], rules: { 'no-console': 'off' } },
  // A fixture that needs no other is written with an empty pattern; the runner insists on it.
  { files: ['e2e/**'], rules: { 'no-empty-pattern': 'off' } },
);
