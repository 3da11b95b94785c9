import next from 'eslint-config-next/core-web-vitals'
import tseslint from 'typescript-eslint'

const noHandmadeControl = {
  selector: 'JSXOpeningElement[name.name=/^(button|input|select|textarea|table|dialog)$/]',
  message: 'Controls are Mantine’s: Button, TextInput, NativeSelect, Textarea, Table, Modal or Drawer.',
}
const noConstructionAsked = {
  selector: 'BinaryExpression[left.property.name="construction"][right.type="Literal"]',
  message: 'What differs by construction is a column of parts/catalogue/constructions.ts.',
}

/** Where components and hooks are: the rules of React read no other file. */
const screens = ['src/{app,ui,stations,places}/**/*.{ts,tsx}']

export default tseslint.config(
  { ignores: ['node_modules', '.next', 'build', 'data', 'drizzle', 'next-env.d.ts', 'public', 'test-results'] },
  ...next.map((part) => (part.rules ? { ...part, files: screens } : part)),
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [...tseslint.configs.strictTypeChecked, ...tseslint.configs.stylisticTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': [
        'error',
        { fixStyle: 'inline-type-imports', disallowTypeAnnotations: false },
      ],
      '@typescript-eslint/no-confusing-void-expression': 'off',
      '@typescript-eslint/consistent-type-definitions': 'off',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      'no-restricted-syntax': ['error', noHandmadeControl, noConstructionAsked],
      // these speak of what the React compiler would skip; the app is not built with it
      'react-hooks/preserve-manual-memoization': 'off',
      'react-hooks/incompatible-library': 'off',
      'react-hooks/set-state-in-effect': 'off',
    },
  },
  {
    // the table itself; the open interface and tests speak of single ones
    files: ['src/core/parts/catalogue/constructions.ts', '**/*.test.ts', '**/*.testing.ts', 'src/api/**'],
    rules: { 'no-restricted-syntax': ['error', noHandmadeControl] },
  },
)
