/** A form's fields; nothing if the body is not a form. */
export function readForm(sent: unknown): Readonly<Record<string, unknown>> {
  return sent instanceof FormData ? Object.fromEntries(sent) : {};
}
