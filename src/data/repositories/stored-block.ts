import type { Block, Edit, IssuedWeek } from '@/core';
import { decodeBlock, decodeEdit, decodeIssued } from '@/core/codecs';
import type { IssuedRow } from '../models/rows';
import { stored } from './stored';

/** @throws Unreadable where the document does not pass its codec */
export function blockFrom(document: string): Block {
  return stored('a block', decodeBlock, document);
}

/** @throws Unreadable where the week does not pass its codec */
export function issuedFrom({ snapshot, closedAt }: Pick<IssuedRow, 'snapshot' | 'closedAt'>): IssuedWeek {
  const week = stored('an issued week', decodeIssued, snapshot);
  return closedAt === null ? week : { ...week, closedAt: closedAt.toISOString() };
}

/** @throws Unreadable where the edit does not pass its codec; one of an older version gets the fields that came later */
export function storedEdit(edit: string): Edit {
  return stored('an edit', decodeEdit, edit);
}
