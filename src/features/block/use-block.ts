import { useEffect, useState, useSyncExternalStore } from 'react';
import { BlockSession } from '@/client/block-session';
import { browserPorts } from '@/client/browser-ports';
import { newId } from '@/ui/new-id';
import { loadPicker } from '@/ui/picker-loading';
import type { BlockState, QueuedStep } from '../../client/block-state';
import type { BlockActions, BlockData } from './contract';
import { loadTableText } from './sheet/load-table-text';
import { loadTechniques } from './sheet/load-techniques';

const OLD_AFTER_MS = 5000;

/** Reads a step left by an earlier page; the reader loads only if there is one. */
async function readStep(unchecked: unknown): Promise<QueuedStep | undefined> {
  const { decodeEdit } = await import('@/core/codecs');
  const step = unchecked as QueuedStep;
  return decodeEdit(step.edit).ok ? step : undefined;
}

/** The block's session while the screen is open, and its current state. */
export function useBlock(data: BlockData, actions: BlockActions): readonly [BlockSession, BlockState] {
  const [session] = useState(() => new BlockSession(data, actions, browserPorts(newId), readStep));
  const state = useSyncExternalStore(session.subscribe, session.getState, session.getState);
  useEffect(() => {
    void session.start();
    // A page restored by back or forward may be outdated.
    if (Date.now() - Date.parse(data.training.readAt) > OLD_AFTER_MS) void session.reload();
    const early = setTimeout(() => void Promise.all([loadPicker(), loadTechniques(), loadTableText()]), 1500);
    const again = () => session.again();
    // Others' changes made while this page was in the background are merged when it becomes visible.
    const look = () => {
      if (window.document.visibilityState === 'visible') void session.reload();
      session.again();
    };
    window.addEventListener('online', again);
    window.addEventListener('focus', look);
    return () => {
      clearTimeout(early);
      window.removeEventListener('online', again);
      window.removeEventListener('focus', look);
      session.stop();
    };
  }, [session, data.training.readAt]);
  return [session, state];
}
