import angular from 'angular-eslint';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  {
    ignores: [
      'node_modules/',
      'dist/',
      '.angular/',
      '.data/',
      'packages/server/src/generated/',
      'packages/web/src/app/api/generated/',
      'docs/',
      'test-results/',
    ],
  },
  {
    files: ['**/*.ts'],
    extends: [...tseslint.configs.recommended],
    languageOptions: { parserOptions: { tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true, argsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-definitions': 'error',
      'no-console': 'error',
      eqeqeq: 'error',
      complexity: ['error', 24],
    },
  },
  {
    files: ['packages/web/src/**/*.ts'],
    extends: [...angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      '@angular-eslint/component-selector': ['error', { type: 'element', prefix: 'yw', style: 'kebab-case' }],
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
      '@angular-eslint/component-class-suffix': 'off',
      '@angular-eslint/component-max-inline-declarations': ['error', { template: 25, styles: 25 }],
    },
  },
  {
    files: ['packages/web/src/**/*.html'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
    rules: {
      '@angular-eslint/template/label-has-associated-control': 'off',
      '@angular-eslint/template/click-events-have-key-events': 'off',
      '@angular-eslint/template/interactive-supports-focus': 'off',
    },
  },
  {
    // These run before the packages are installed: nothing but Node and what stands beside them.
    files: ['scripts/**/*.mjs'],
    ignores: ['scripts/lib/format-sql.mjs'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [{ regex: '^(?!node:|\\.)', message: 'Installed only later: use a dynamic import after installPackages().' }],
        },
      ],
    },
  },
  {
    files: ['scripts/**/*.mjs'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: 'ImportDeclaration[source.value=/format-sql/]', message: 'It needs a package: import it dynamically.' },
      ],
    },
  },
  prettier,
);
