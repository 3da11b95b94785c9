import { Table } from '@mantine/core'

/** The head of a table: what its columns are called. */
export function HeadRow({ names }: { readonly names: readonly string[] }) {
  return (
    <Table.Thead>
      <Table.Tr>
        {names.map((name) => (
          <Table.Th key={name} scope="col">
            {name}
          </Table.Th>
        ))}
      </Table.Tr>
    </Table.Thead>
  )
}
