import type { Block, IssuedWeek } from '@/core';
import { decodeBlock, decodeIssued } from '@/core/codecs';
import { stored } from './stored';

/** @throws Unreadable where the document does not pass its codec */
export function blockFrom(document: string): Block {
  return stored('a block', decodeBlock, document);
}

/** @throws Unreadable where the week does not pass its codec */
export function issuedFrom(snapshot: string): IssuedWeek {
  return stored('an issued week', decodeIssued, snapshot);
}
