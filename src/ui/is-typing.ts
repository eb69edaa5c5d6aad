const NOT_TYPED: ReadonlySet<string> = new Set(['checkbox', 'radio', 'button', 'submit']);

/** Whether keys belong to a field with focus. */
export function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLTextAreaElement) return true;
  return target instanceof HTMLInputElement && !NOT_TYPED.has(target.type);
}
