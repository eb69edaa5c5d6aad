const HALF = /\\ud[89a-f]/;

/**
 * A value as JSON that every reader takes. Half a character, which a text ends with that was cut in the middle of one,
 * becomes the sign for what cannot be read: a database refuses it otherwise, and all that came with it.
 */
export function jsonOf(value: unknown): string {
  const text = JSON.stringify(value);
  return HALF.test(text)
    ? JSON.stringify(value, (_, one) => (typeof one === 'string' ? whole(one) : one))
    : text;
}

function whole(text: string): string {
  return text.replace(/\p{Surrogate}/gu, '\ufffd');
}
