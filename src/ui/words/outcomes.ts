import type { IssueRefusal, Unsure } from '@/core';
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

/** Why the server did not do what was asked, and what can be done: the one place for it. */
export function outcomeSentence(outcome: Outcome): string {
  switch (outcome.status) {
    case 'unreachable':
      return 'The server was not reached. Please try again in a moment.';
    case 'unavailable':
      return 'The database does not answer just now. Please try again in a moment.';
    case 'signed out':
      return 'You are signed out. Sign in again in another tab, then try again.';
    case 'to read':
      return 'This athlete is shared with you to read; only their own coach changes them.';
    case 'password first':
      return 'Nothing was done: it takes your password.';
    case 'malformed':
      return 'The server could not read what this page sent. Reload the page and try again.';
    case 'gone':
      return 'This is no longer there. Reload the page.';
    case 'stale':
      return 'The block was changed elsewhere in the meantime. Reload to see it, then issue the week.';
    case 'refused':
      return refusalSentence(outcome.refusal);
    case 'already logged':
      return 'The athlete has logged a set of this week: it stays issued.';
    case 'later week issued':
      return 'A later week is issued: recall that first.';
    case 'open on a phone':
      return `A phone of the athlete opened this week at ${new Date(outcome.at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}. What it still logs goes to the week you issue in its place. Recall it again to take it back all the same.`;
    case 'missed':
      return outcome.calls === 1
        ? 'One call had changed meanwhile and was not answered; what it asks now stands in the list.'
        : `${outcome.calls} calls had changed meanwhile and were not answered; what they ask now stands in the list.`;
  }
}

/** What whoever tries too often is told. */
export function waitSentence(seconds: number): string {
  const time = seconds < 90 ? `${seconds} seconds` : `${Math.ceil(seconds / 60)} minutes`;
  return `Too many tries. Please wait ${time}, then try again.`;
}
