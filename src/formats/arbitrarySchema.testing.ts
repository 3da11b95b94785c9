import fc from 'fast-check'

/** A JSON schema, so far as the ones that Zod makes go. */
interface JsonSchema {
  readonly type?: string
  readonly const?: unknown
  readonly enum?: readonly unknown[]
  readonly anyOf?: readonly JsonSchema[]
  readonly oneOf?: readonly JsonSchema[]
  readonly allOf?: readonly JsonSchema[]
  readonly properties?: Readonly<Record<string, JsonSchema>>
  readonly required?: readonly string[]
  readonly additionalProperties?: JsonSchema | boolean
  readonly propertyNames?: JsonSchema
  readonly items?: JsonSchema
  readonly prefixItems?: readonly JsonSchema[]
  readonly minItems?: number
  readonly maxItems?: number
  readonly minLength?: number
  readonly maxLength?: number
  readonly pattern?: string
  readonly minimum?: number
  readonly maximum?: number
  readonly exclusiveMinimum?: number
  readonly exclusiveMaximum?: number
}

/** Values that a schema lets through, as a rule: what it refines by code may still refuse one. */
export function arbitraryOf(schema: JsonSchema): fc.Arbitrary<unknown> {
  if ('const' in schema) return fc.constant(schema.const)
  if (schema.enum) return fc.constantFrom(...schema.enum)
  const some = schema.anyOf ?? schema.oneOf
  if (some) return fc.oneof(...some.map(arbitraryOf))
  if (schema.allOf?.[0]) return arbitraryOf(schema.allOf[0])
  switch (schema.type) {
    case 'boolean':
      return fc.boolean()
    case 'null':
      return fc.constant(null)
    case 'integer':
      return fc.integer({
        min: Math.ceil(Math.max(-1e6, schema.minimum ?? (schema.exclusiveMinimum ?? -1e6) + 1)),
        max: Math.floor(Math.min(1e6, schema.maximum ?? 1e6)),
      })
    case 'number':
      return fc
        .double({
          min: schema.minimum ?? schema.exclusiveMinimum ?? -1e6,
          max: schema.maximum ?? schema.exclusiveMaximum ?? 1e6,
          minExcluded: schema.exclusiveMinimum !== undefined,
          maxExcluded: schema.exclusiveMaximum !== undefined,
          noNaN: true,
        })
        .map((value) => (Object.is(value, -0) ? 0 : value))
    case 'string':
      return schema.pattern === undefined
        ? fc.string({
            unit: 'grapheme',
            minLength: schema.minLength ?? 0,
            maxLength: Math.min(30, schema.maxLength ?? 30),
          })
        : fc.stringMatching(new RegExp(schema.pattern), { maxLength: Math.min(70, schema.maxLength ?? 70) })
    case 'array':
      return schema.prefixItems
        ? fc.tuple(...schema.prefixItems.map(arbitraryOf))
        : fc.array(arbitraryOf(schema.items ?? {}), {
            minLength: schema.minItems ?? 0,
            maxLength: Math.max(schema.minItems ?? 0, Math.min(3, schema.maxItems ?? 3)),
          })
    case 'object':
      return objectOf(schema)
    default:
      return fc.constant('x')
  }
}

function objectOf({
  properties,
  required = [],
  additionalProperties,
  propertyNames,
}: JsonSchema): fc.Arbitrary<unknown> {
  if (properties)
    return fc.record(Object.fromEntries(Object.entries(properties).map(([name, one]) => [name, arbitraryOf(one)])), {
      requiredKeys: [...required],
      noNullPrototype: true,
    })
  const value = typeof additionalProperties === 'object' ? arbitraryOf(additionalProperties) : fc.constant('x')
  const key = propertyNames ? (arbitraryOf(propertyNames) as fc.Arbitrary<string>) : fc.stringMatching(/^[a-z]{1,8}$/)
  return fc.dictionary(key, value, { maxKeys: 2, noNullPrototype: true })
}
