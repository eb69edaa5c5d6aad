import type { Deed, SharedBy } from '@/core';

/** Whose athlete it is who is not one's own, and how one sees them. */
export function sharedText({ coach, may }: SharedBy): string {
  return may === 'read' ? `${coach}’s, to read` : `${coach}’s, shared`;
}

/** The same in a word, where the coach's name stands elsewhere. */
export function sharedMark({ may }: SharedBy): string {
  return may === 'read' ? 'to read' : 'shared';
}

/** What was done, behind who did it. */
export function deedText({ what, about }: Pick<Deed, 'what' | 'about'>): string {
  switch (what) {
    case 'handed out':
      return `handed out week ${about}`;
    case 'took back':
      return `took week ${about} back`;
    case 'closed':
      return `closed week ${about}`;
    case 'opened':
      return `opened week ${about} again`;
    case 'answered':
      return about === '1' ? 'answered a call' : `answered ${about} calls`;
    case 'took answers back':
      return about === '1' ? 'took an answer back' : `took ${about} answers back`;
    case 'applied the routine':
      return `applied the routine, ${about} ${about === '1' ? 'call' : 'calls'}`;
    case 'changed the athlete':
      return 'changed the profile';
    case 'measured':
      return 'changed measurements';
    case 'entered a set':
      return `entered a set of ${about}`;
    case 'said with a week':
      return `wrote the line with week ${about}`;
    case 'started a block':
      return `started the block “${about}”`;
    case 'moved a block':
      return `moved a block to ${about}`;
    case 'made a link for a phone':
    case 'signed phones out':
    case 'made a calendar link':
    case 'archived a block':
    case 'deleted a block':
    case 'brought back a block':
      return what;
    case 'took out a block':
      return 'took a block out of the archive';
    case 'ended calendar links':
      return 'ended the calendar links';
    case 'shared':
      return `shared the athlete with ${about}`;
    case 'ended sharing':
      return `ended sharing with ${about}`;
    case 'handed over':
      return `handed the athlete over to ${about}`;
    case 'archived':
      return 'archived the athlete';
    case 'put back':
      return 'put the athlete back on the roster';
    case 'erased':
      return 'set the athlete to be erased';
  }
}
