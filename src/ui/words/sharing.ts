import type { ActivityEntry, SharedBy } from '@/core';

/** Whose athlete this is, and what may be done with them. */
export function sharedText({ coach, may }: SharedBy): string {
  return may === 'read' ? `${coach}’s, read only` : `${coach}’s, shared`;
}

/** The same in one word, where the coach's name is shown elsewhere. */
export function sharedMark({ may }: SharedBy): string {
  return may === 'read' ? 'read only' : 'shared';
}

/** What was done, to follow the name of who did it. */
export function deedText({ what, about }: Pick<ActivityEntry, 'what' | 'about'>): string {
  switch (what) {
    case 'handed out':
      return `sent week ${about}`;
    case 'took back':
      return `recalled week ${about}`;
    case 'closed':
      return `closed week ${about}`;
    case 'opened':
      return `reopened week ${about}`;
    case 'answered':
      return about === '1' ? 'decided on a proposal' : `decided on ${about} proposals`;
    case 'took answers back':
      return about === '1' ? 'undid a decision' : `undid ${about} decisions`;
    case 'applied the routine':
      return about === '1' ? 'applied a routine change' : `applied ${about} routine changes`;
    case 'changed the athlete':
      return 'changed the profile';
    case 'measured':
      return 'changed measurements';
    case 'entered a set':
      return `entered a set of ${about}`;
    case 'said with a week':
      return `wrote a note for week ${about}`;
    case 'started a block':
      return `started the block “${about}”`;
    case 'moved a block':
      return `moved a block to ${about}`;
    case 'made a link for a phone':
      return 'created a personal link';
    case 'signed phones out':
      return 'signed out phones';
    case 'made a calendar link':
      return 'created a calendar link';
    case 'archived a block':
      return 'archived a block';
    case 'deleted a block':
      return 'deleted a block';
    case 'brought back a block':
      return 'restored a deleted block';
    case 'took out a block':
      return 'restored a block from the archive';
    case 'ended calendar links':
      return 'removed the calendar links';
    case 'shared':
      return `shared the athlete with ${about}`;
    case 'ended sharing':
      return `stopped sharing with ${about}`;
    case 'handed over':
      return `transferred the athlete to ${about}`;
    case 'archived':
      return 'archived the athlete';
    case 'put back':
      return 'restored the athlete';
    case 'erased':
      return 'scheduled the athlete for deletion';
  }
}
