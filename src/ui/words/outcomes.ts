import type { IssueRefusal, Unsure } from '@/core';
import { chosenClock } from '../clock';
import { timeOfDay } from './dates';
import { refusalSentence } from './problems';

/** What can come of asking the server, beside what was asked for. */
export type Outcome =
  | Unsure
  | { readonly status: 'unreachable' }
  | { readonly status: 'gone' }
  | { readonly status: 'stale' }
  | { readonly status: 'refused'; readonly refusal: IssueRefusal }
  | { readonly status: 'already logged' }
  | { readonly status: 'later week issued' }
  | { readonly status: 'open on a phone'; readonly at: string }
  | { readonly status: 'missed'; readonly calls: number };

/** Why the server did not do what was asked, and what to do about it. */
export function outcomeSentence(outcome: Outcome): string {
  switch (outcome.status) {
    case 'unreachable':
      return 'Can’t reach the server. Please try again in a moment.';
    case 'unavailable':
      return 'The database is not responding. Please try again in a moment.';
    case 'signed out':
      return 'You are signed out. Sign in again in another tab, then try again.';
    case 'to read':
      return 'This athlete is shared with you read only. Only their coach can change anything.';
    case 'password first':
      return 'Nothing changed: this needs your password.';
    case 'malformed':
      return 'The server could not read what this page sent. Reload the page and try again.';
    case 'gone':
      return 'This no longer exists. Reload the page.';
    case 'stale':
      return 'The block was changed elsewhere meanwhile. Reload the page, then send the week.';
    case 'refused':
      return refusalSentence(outcome.refusal);
    case 'already logged':
      return 'Cannot recall this week: the athlete has already logged a set.';
    case 'later week issued':
      return 'A later week has been sent. Recall that one first.';
    case 'open on a phone':
      return `The athlete opened this week at ${timeOfDay(outcome.at, chosenClock())}. Sets they still log go to the week you send instead. Recall again to confirm.`;
    case 'missed':
      return outcome.calls === 1
        ? 'One proposed change was different by now and was not applied. The list shows the current one.'
        : `${outcome.calls} proposed changes were different by now and were not applied. The list shows the current ones.`;
  }
}

/** Shown to somebody who tries too often. */
export function waitSentence(seconds: number): string {
  const time = seconds < 90 ? `${seconds} seconds` : `${Math.ceil(seconds / 60)} minutes`;
  return `Too many tries. Wait ${time}, then try again.`;
}
