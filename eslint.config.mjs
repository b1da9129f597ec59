import hooks from 'eslint-plugin-react-hooks';
import sort from 'eslint-plugin-simple-import-sort';
import ts from 'typescript-eslint';

const hook = { plugins: { 'react-hooks': hooks }, rules: hooks.configs.recommended.rules };

export default ts.config(
  { ignores: ['.next/', '.gate-cross/', 'node_modules/', 'next-env.d.ts', 'test-results/', 'playwright-report/'] },
  ...ts.configs.recommended,
  hook,
  {
    plugins: { sort },
    rules: { 'sort/imports': ['error', { groups: [['^\\u0000', '^node:', '^@?\\w', '^@/', '^\\.']] }] },
  },
  {
    rules: {
      eqeqeq: 'error',
      // Prettier breaks code; comments, which it cannot break, are seen here. Texts run as long as they are.
      'max-len': [
        'error',
        {
          code: 120,
          ignoreStrings: true,
          ignoreTemplateLiterals: true,
          ignoreRegExpLiterals: true,
          ignorePattern: 'className=',
        },
      ],
      'no-console': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  { files: ['scripts/**', 'bin/**', 'src/server/migrate.ts', 'src/server/seed.ts'], rules: { 'no-console': 'off' } },
  {
    // Time and chance are arguments in core.
    files: ['src/core/**'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
        { object: 'crypto', property: 'randomUUID' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'core has no clock: time is an argument',
        },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'fetch', 'process'],
    },
  },
);
