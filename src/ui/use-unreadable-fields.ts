import { useCallback, useState } from 'react';

/** Which fields of a form have unreadable text; `report` is passed to `UnreadFields`. */
export function useUnreadableFields() {
  const [unread, setUnread] = useState<ReadonlySet<string>>(new Set());
  const report = useCallback((field: string, isUnread: boolean) => {
    setUnread((before) => {
      if (before.has(field) === isUnread) return before;
      const next = new Set(before);
      if (isUnread) next.add(field);
      else next.delete(field);
      return next;
    });
  }, []);
  const forget = useCallback(() => setUnread(new Set()), []);
  return { count: unread.size, report, forget };
}
