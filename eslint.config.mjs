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

/** What people read has one home; a key on a cap and a word without a space may be an id. */
const noSentenceHere = [
  ':not(JSXElement[openingElement.name.name="Kbd"]) > JSXText[value=/[A-Za-z]{2}/]',
  'JSXAttribute[name.name=/^(label|aria-label|title|placeholder|description|alt)$/] > Literal[value=/[A-Za-z]{2}/]',
  'Property[key.name=/^(words|text|title|label|hint|placeholder)$/] > Literal[value=/[A-Za-z]{2}/]',
  ':not(ImportDeclaration, NewExpression) > Literal[value=/^(?![0-9]+px)[^/(]*[a-z]{2,},? [a-z]{2,} [a-z]{2,}/]',
  'TemplateElement[value.raw=/[a-z]{2,} [a-z]{2,}/]',
].map((selector) => ({ selector, message: 'Sentences and labels stand in src/words.' }))

/** Where components and hooks are: the rules of React read no other file. */
const screens = ['src/{app,ui,stations,places}/**/*.{ts,tsx}']

export default tseslint.config(
  { ignores: ['node_modules', '.next', 'build', 'data', 'drizzle', 'next-env.d.ts', 'public', 'test-results'] },
  ...next.map((part) => (part.rules ? { ...part, files: screens } : part)),
  {
    files: ['**/*.ts', '**/*.tsx'],
    // what asks for types is in .oxlintrc.json, whose compiler takes a tenth of the time
    extends: [...tseslint.configs.strict, ...tseslint.configs.stylistic],
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': [
        'error',
        { fixStyle: 'inline-type-imports', disallowTypeAnnotations: false },
      ],
      '@typescript-eslint/consistent-type-definitions': 'off',
      'no-restricted-syntax': ['error', noHandmadeControl, noConstructionAsked],
      // these speak of what the React compiler would skip; the app is not built with it
      'react-hooks/preserve-manual-memoization': 'off',
      'react-hooks/incompatible-library': 'off',
      'react-hooks/set-state-in-effect': 'off',
    },
  },
  {
    files: ['src/{app,stations,places,ui,papers}/**/*.{ts,tsx}'],
    rules: { 'no-restricted-syntax': ['error', noHandmadeControl, noConstructionAsked, ...noSentenceHere] },
  },
  {
    // a component shows one thing, a function does one; a drawing may take as long as what it draws
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    ignores: ['**/*.test.ts', '**/*.testing.ts', 'src/places/ledger/drawControlChart.ts', '**/*Drawing.tsx'],
    rules: { 'max-lines-per-function': ['error', { max: 60 }] },
  },
  {
    files: ['src/**/*.tsx'],
    ignores: ['**/*Drawing.tsx'],
    rules: { 'max-lines-per-function': ['error', { max: 150 }] },
  },
  {
    // the table itself; the open interface and tests speak of single ones
    files: ['src/core/parts/catalogue/constructions.ts', '**/*.test.ts', '**/*.testing.ts', 'src/api/**'],
    rules: { 'no-restricted-syntax': ['error', noHandmadeControl] },
  },
)
