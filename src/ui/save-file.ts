/** Downloads text or bytes as a file. */
export function saveFile(name: string, content: BlobPart, type = 'application/json'): void {
  const address = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 1000);
}
