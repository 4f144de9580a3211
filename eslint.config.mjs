import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['.next/', 'node_modules/', '.data/', '.test/', 'next-env.d.ts', 'docs/'] },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [...ts.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      // Route handlers of Next are async by contract, and tests hand over matchers that are typed any.
      '@typescript-eslint/require-await': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
    },
  },
  {
    files: ['ui/**/*.tsx', 'app/**/*.tsx', 'ui/**/*.ts'],
    plugins: { 'react-hooks': hooks },
    rules: hooks.configs.recommended.rules,
  },
  // MUI draws the interface, and the theme says how it looks.
  {
    files: ['ui/**/*.tsx', 'app/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: "JSXAttribute[name.name='style']", message: 'Looks stand in the theme; a computed place goes through sx.' },
        {
          selector: 'JSXOpeningElement[name.name=/^(button|input|select|textarea|dialog|table|thead|tbody|tr|td|th)$/]',
          message: 'Take MUI’s.',
        },
        { selector: 'JSXText[value=/[A-Za-z]{2}/]', message: 'What is read on screen stands in ui/texts.' },
        {
          selector:
            'JSXAttribute[name.name=/^(aria-label|aria-valuetext|label|title|caption|note|placeholder|alt|hint)$/] > Literal[value=/[A-Za-z]{2}/]',
          message: 'What is read on screen stands in ui/texts.',
        },
        {
          selector:
            'JSXElement > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal[value=/[A-Za-z]{2}/]',
          message: 'What is read on screen stands in ui/texts.',
        },
        {
          selector: 'TemplateElement[value.raw=/[a-z]{2,} [a-z]{2,} [a-z]/]',
          message: 'What is read on screen stands in ui/texts.',
        },
      ],
    },
  },
  // core is pure: no clock, no randomness, nothing of the machine.
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'process',
        'window',
        'document',
        'localStorage',
        'fetch',
        'setTimeout',
        'setInterval',
        'console',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Pass the time in.' },
        { object: 'Math', property: 'random', message: 'Pass randomness in.' },
        { object: 'crypto', property: 'randomUUID', message: 'Pass ids in.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Pass the time in.' },
      ],
    },
  },
  {
    files: ['**/*.mjs', '**/*.cjs'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        fetch: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        setInterval: 'readonly',
        clearInterval: 'readonly',
        Buffer: 'readonly',
        performance: 'readonly',
        module: 'readonly',
        URL: 'readonly',
      },
    },
  },
  // Functions in here are sent to the browser and run there.
  {
    files: ['bin/benchmark.mjs', 'bin/lib/benchLive.mjs'],
    languageOptions: {
      globals: {
        window: 'readonly',
        document: 'readonly',
        MutationObserver: 'readonly',
        requestAnimationFrame: 'readonly',
        MessageChannel: 'readonly',
      },
    },
  },
);
