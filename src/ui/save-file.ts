/** Hands a text to the browser as a file to keep. */
export function saveFile(name: string, text: string, type = 'application/json'): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 1000);
}
