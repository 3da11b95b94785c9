/** A rule that no file has what a selector finds. */
const without = (message, ...selectors) => ({
  create: (context) =>
    Object.fromEntries(selectors.map((selector) => [selector, (node) => context.report({ node, message })])),
})

/** Rules of this house that no package knows. */
export default {
  meta: { name: 'house' },
  rules: {
    'mantine-controls': without(
      'Controls are Mantine’s: Button, TextInput, NativeSelect, Textarea, Table, Modal or Drawer.',
      'JSXOpeningElement[name.name=/^(button|input|select|textarea|table|dialog)$/]',
    ),
    'no-construction-asked': without(
      'What differs by construction is a column of parts/catalogue/constructions.ts.',
      'BinaryExpression[left.property.name="construction"][right.type="Literal"]',
    ),
    // what people read has one home; a key on a cap and a word without a space may be an id
    'sentences-in-words': without(
      'Sentences and labels stand in src/words.',
      ':not(JSXElement[openingElement.name.name="Kbd"]) > JSXText[value=/[A-Za-z]{2}/]',
      'JSXAttribute[name.name=/^(label|aria-label|title|placeholder|description|alt)$/] > Literal[value=/[A-Za-z]{2}/]',
      'Property[key.name=/^(words|text|title|label|hint|placeholder)$/] > Literal[value=/[A-Za-z]{2}/]',
      ':not(ImportDeclaration, NewExpression) > Literal[value=/^(?![0-9]+px)[^/(]*[a-z]{2,},? [a-z]{2,} [a-z]{2,}/]',
      'TemplateElement[value.raw=/[a-z]{2,} [a-z]{2,}/]',
    ),
  },
}
