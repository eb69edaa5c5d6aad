const HALF = /\\ud[89a-f]/;

/**
 * A value as JSON that every reader accepts. A lone surrogate, left when text is cut in the middle of a character,
 * becomes the replacement character; otherwise the database would refuse it with everything around it.
 */
export function safeJson(value: unknown): string {
  const text = JSON.stringify(value);
  return HALF.test(text)
    ? JSON.stringify(value, (_, one) => (typeof one === 'string' ? whole(one) : one))
    : text;
}

function whole(text: string): string {
  return text.replace(/\p{Surrogate}/gu, '\ufffd');
}
