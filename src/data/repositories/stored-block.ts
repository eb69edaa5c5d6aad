import type { Block, Edit, IssuedWeek } from '@/core';
import { decodeBlock, decodeEdit, decodeIssued } from '@/core/codecs';
import type { IssuedRow } from '../models/rows';
import { stored } from './stored';

/** @throws Unreadable if the stored document is not valid */
export function blockFrom(document: string): Block {
  return stored('a block', decodeBlock, document);
}

/** @throws Unreadable if the stored week is not valid */
export function issuedFrom({ snapshot, closedAt }: Pick<IssuedRow, 'snapshot' | 'closedAt'>): IssuedWeek {
  const week = stored('an issued week', decodeIssued, snapshot);
  return closedAt === null ? week : { ...week, closedAt: closedAt.toISOString() };
}

/** @throws Unreadable if the stored edit is not valid; an edit of an older version gets defaults for newer fields */
export function storedEdit(edit: string): Edit {
  return stored('an edit', decodeEdit, edit);
}
