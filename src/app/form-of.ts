/** What a form holds, by its fields; nothing where what was sent is no form. */
export function formOf(sent: unknown): Readonly<Record<string, unknown>> {
  return sent instanceof FormData ? Object.fromEntries(sent) : {};
}
