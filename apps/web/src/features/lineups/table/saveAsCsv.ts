/** Saves rows as a CSV file: what a spreadsheet would run is harmless in it. The writer is read when first wanted. */
export async function saveAsCsv(name: string, header: readonly string[], rows: readonly (readonly string[])[]): Promise<void> {
  const { writeTable } = await import('@outfit/formats/write');
  const address = URL.createObjectURL(new Blob([writeTable(header, rows)], { type: 'text/csv;charset=utf-8' }));
  Object.assign(document.createElement('a'), { href: address, download: name }).click();
  setTimeout(() => URL.revokeObjectURL(address));
}
