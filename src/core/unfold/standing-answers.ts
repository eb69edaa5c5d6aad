import type { Muscle } from '../anatomy/muscle';
import type { Answer } from './ladder';
import { type Observation, recoverSubject, responseId, setsSubject } from './responses';

/** Sets that an accepted answer adds to a slot from a week on. */
export interface AddedSets {
  readonly muscle: Muscle;
  readonly week: number;
  readonly add: number;
}

/**
 * The coach's answers as far as they stand: the latest to each subject, and only while the facts it was given on are
 * as they were. Once its week is handed out an answer always stands.
 */
export class StandingAnswers {
  readonly bySubject: ReadonlyMap<string, Answer>;
  private readonly setsBySlot = new Map<string, Answer[]>();
  private readonly recovering: Answer[] = [];
  private readonly early = new Set<number>();
  /** Identities that the observations so far give to calls, by subject. */
  private readonly identities = new Map<string, Set<string>>();

  constructor(
    answers: readonly Answer[],
    private readonly isIssued: (week: number) => boolean,
  ) {
    this.bySubject = new Map(answers.map((answer) => [answer.subject, answer]));
    for (const answer of this.bySubject.values()) {
      const { proposal, outcome } = answer;
      if (outcome === 'declined') continue;
      if (proposal.kind === 'recover') this.recovering.push(answer);
      if (proposal.kind === 'deload') this.early.add(proposal.week);
      if (proposal.kind !== 'sets') continue;
      this.setsBySlot.set(proposal.slotId, [...(this.setsBySlot.get(proposal.slotId) ?? []), answer]);
    }
  }

  /** Takes in what a muscle showed in a session: the calls for the week after it depend on it. */
  note(observation: Observation): void {
    const { muscle, sessionId, week } = observation;
    if (this.isIssued(week + 1)) return;
    for (const subject of [setsSubject(muscle, sessionId, week + 1), recoverSubject(muscle, week + 1)]) {
      const known = this.identities.get(subject) ?? new Set();
      this.identities.set(subject, known.add(responseId(subject, observation)));
    }
  }

  /** Sets added to a slot by answers up to a week. */
  addedSets(slotId: string, week: number): readonly AddedSets[] {
    const added: AddedSets[] = [];
    for (const answer of this.setsBySlot.get(slotId) ?? []) {
      const { proposal, choice } = answer;
      if (proposal.kind !== 'sets' || proposal.week > week || !this.stands(answer)) continue;
      const add = choice !== null && 'add' in choice ? choice.add : proposal.add;
      added.push({ muscle: proposal.muscle, week: proposal.week, add });
    }
    return added;
  }

  /** Whether the whole body deloads in a week, ahead of the planned deload. */
  deloads(week: number): boolean {
    return this.early.has(week);
  }

  /** Whether one of these muscles has its recover week now. */
  recovers(muscles: readonly Muscle[], week: number): boolean {
    return this.recovering.some(
      (answer) =>
        answer.proposal.kind === 'recover' &&
        answer.proposal.week === week &&
        muscles.includes(answer.proposal.muscle) &&
        this.stands(answer),
    );
  }

  /** The latest recover week that one of these muscles has had before a week. */
  lastRecover(
    muscles: readonly Muscle[],
    before: number,
  ): { readonly muscle: Muscle; readonly week: number } | null {
    let latest: { muscle: Muscle; week: number } | null = null;
    for (const { proposal } of this.recovering) {
      if (proposal.kind !== 'recover' || proposal.week >= before || !muscles.includes(proposal.muscle))
        continue;
      if (latest === null || proposal.week > latest.week)
        latest = { muscle: proposal.muscle, week: proposal.week };
    }
    return latest;
  }

  private stands({ proposal, subject, id }: Answer): boolean {
    if (this.isIssued(proposal.week)) return true;
    const now = this.identities.get(subject);
    return now === undefined || now.has(id);
  }
}
