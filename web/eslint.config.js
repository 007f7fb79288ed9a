import js from '@eslint/js';
import compat from 'eslint-plugin-compat';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['src/api/schema.d.ts'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  // What some browser of package.json's list does not have stops the page there.
  compat.configs['flat/recommended'],
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { 'react-hooks': hooks },
    // A type of ours has the name of an interface that browsers begin to have.
    settings: { polyfills: ['Ink'] },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      // A promise that nobody waits for loses its error.
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      'no-restricted-syntax': [
        'error',
        {
          selector: ':matches(Literal[value=/text-\\[\\d/], TemplateElement[value.raw=/text-\\[\\d/])',
          message: 'Sizes of text stand in theme.css.',
        },
      ],
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
    },
  },
);
