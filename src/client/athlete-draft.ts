import { isEqual } from 'es-toolkit';
import type { Athlete, Problem, Result, SaveAthleteOutcome, Unanswered } from '@/core';
import type { Store } from './ports';

export type DecodeAthlete = (unchecked: unknown) => Result<Athlete>;

/** Under what an athlete's unkept changes are held in a tab. */
export function draftKey(athleteId: string): string {
  return `ladder/athlete/${athleteId}`;
}

/** An athlete under edit: what is stored, what the coach has made of it, and the fields both sides have changed. */
export interface Draft {
  readonly base: Athlete;
  readonly revision: number;
  readonly mine: Athlete;
  /** Fields that were changed elsewhere too since; keeping saves this page's. */
  readonly collisions: readonly (keyof Athlete)[];
}

const FIELDS = (athlete: Athlete) => Object.keys(athlete) as (keyof Athlete)[];

export function draftOf(athlete: Athlete, revision: number): Draft {
  return { base: athlete, revision, mine: athlete, collisions: [] };
}

/** Fields that differ from what is stored. */
export function changedFields({ base, mine }: Draft): readonly (keyof Athlete)[] {
  return FIELDS(mine).filter((field) => !isEqual(base[field], mine[field]));
}

/** The draft on top of what somebody else has kept meanwhile: their fields where only they changed, mine where I did. */
export function rebased(draft: Draft, theirs: Athlete, revision: number): Draft {
  const changed = changedFields(draft);
  const mine = { ...theirs, ...Object.fromEntries(changed.map((field) => [field, draft.mine[field]])) };
  const collisions = changed.filter(
    (field) => !isEqual(theirs[field], draft.base[field]) && !isEqual(theirs[field], draft.mine[field]),
  );
  return { base: theirs, revision, mine, collisions };
}

/** What is wrong with the draft, by path. */
export function draftProblems({ mine }: Draft, decode: DecodeAthlete): ReadonlyMap<string, Problem> {
  const decoded = decode(mine);
  return new Map(decoded.ok ? [] : decoded.problems.map((problem) => [problem.path, problem]));
}

/** What keeping came to, beside being kept. */
export type DraftNotice =
  | Exclude<SaveAthleteOutcome, { readonly status: 'saved' | 'stale' }>
  | Unanswered
  | { readonly status: 'unreachable' }
  /** Changed elsewhere meanwhile; the fields both sides changed. */
  | { readonly status: 'rebased'; readonly collisions: readonly (keyof Athlete)[] };

/** An athlete under edit as a screen shows it. */
export interface AthleteDraftState {
  readonly draft: Draft;
  readonly status: 'idle' | 'saving' | 'saved';
  readonly notice: DraftNotice | null;
  /** Counts up when what stands in fields is no longer what was typed: forms begin anew. */
  readonly generation: number;
  /** What checks the draft; null until it has been fetched. */
  readonly decode: DecodeAthlete | null;
}

interface Stored {
  readonly base: unknown;
  readonly mine: unknown;
  readonly revision: number;
}

/** The athlete under edit: nothing is kept before the coach says so, and nothing typed is lost by a reload. */
export class AthleteDraft {
  private state: AthleteDraftState;
  private readonly listeners = new Set<() => void>();
  private readonly key: string;

  constructor(
    private readonly data: { readonly athlete: Athlete; readonly revision: number },
    private readonly save: (athlete: Athlete, base: number) => Promise<SaveAthleteOutcome | Unanswered>,
    private readonly store: Pick<Store, 'read' | 'write' | 'remove'>,
  ) {
    this.key = draftKey(data.athlete.id);
    this.state = {
      draft: draftOf(data.athlete, data.revision),
      status: 'idle',
      notice: null,
      generation: 0,
      decode: null,
    };
  }

  readonly getState = (): AthleteDraftState => this.state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Begins once the draft can be checked: a change that an earlier page of this tab left unkept is taken up again. */
  async start(decode: DecodeAthlete): Promise<void> {
    this.put({ decode });
    const left = await this.leftOver(decode);
    if (left === undefined || changedFields(left).length === 0) return;
    // What was typed meanwhile stands.
    if (changedFields(this.state.draft).length === 0)
      this.put({ draft: left, generation: this.state.generation + 1 });
  }

  change(part: Partial<Athlete>): void {
    const { draft } = this.state;
    this.put({ status: 'idle', draft: { ...draft, mine: { ...draft.mine, ...part } } });
    this.keepSafe();
  }

  discard(): void {
    const { draft, generation } = this.state;
    this.put({ draft: draftOf(draft.base, draft.revision), generation: generation + 1, notice: null });
    this.keepSafe();
  }

  /** Takes in what was kept by another door: a body weight that was measured. */
  adopt(revision: number, part: Partial<Athlete>): void {
    const { draft } = this.state;
    this.put({ draft: rebased(draft, { ...draft.base, ...part }, revision) });
    this.keepSafe();
  }

  /** Keeps the change, where there is one and nothing is wrong with it. */
  async keep(): Promise<void> {
    const { draft, status, decode } = this.state;
    if (changedFields(draft).length === 0 || status === 'saving') return;
    if (decode !== null && draftProblems(draft, decode).size > 0) return;
    this.put({ status: 'saving', notice: null });
    const outcome = await this.save(draft.mine, draft.revision).catch(
      () => ({ status: 'unreachable' }) as const,
    );
    switch (outcome.status) {
      case 'saved': {
        const decoded = decode?.(draft.mine);
        const kept = decoded?.ok === true ? decoded.value : draft.mine;
        this.put({ status: 'saved', draft: this.onTop(draft, kept, outcome.revision) });
        break;
      }
      case 'stale': {
        const next = rebased(this.state.draft, outcome.theirs, outcome.revision);
        this.put({
          status: 'idle',
          draft: next,
          generation: this.state.generation + 1,
          notice: { status: 'rebased', collisions: next.collisions },
        });
        break;
      }
      default:
        this.put({ status: 'idle', notice: outcome });
    }
    this.keepSafe();
  }

  /** The draft once what was sent is kept: what was typed while it was on its way stands on top. */
  private onTop(sent: Draft, kept: Athlete, revision: number): Draft {
    const { mine } = this.state.draft;
    return mine === sent.mine ? draftOf(kept, revision) : { base: kept, revision, mine, collisions: [] };
  }

  private async leftOver(decode: DecodeAthlete): Promise<Draft | undefined> {
    try {
      const text = await this.store.read(this.key);
      if (text === null) return undefined;
      const left = JSON.parse(text) as Stored;
      const [base, mine] = [decode(left.base), decode(left.mine)];
      if (!base.ok || !mine.ok) return undefined;
      const draft: Draft = { base: base.value, mine: mine.value, revision: left.revision, collisions: [] };
      return rebased(draft, this.data.athlete, this.data.revision);
    } catch {
      return undefined;
    }
  }

  /** The draft in the store, as long as there is one; where there is no room it still stands on this page. */
  private keepSafe(): void {
    const { draft } = this.state;
    const kept =
      changedFields(draft).length > 0
        ? this.store.write(this.key, JSON.stringify(draft))
        : this.store.remove(this.key);
    void kept.catch(() => {});
  }

  private put(part: Partial<AthleteDraftState>): void {
    this.state = { ...this.state, ...part };
    for (const listener of this.listeners) listener();
  }
}

/** A list with one of its entries changed. */
export function changedAt<T>(list: readonly T[], at: number, part: Partial<T>): readonly T[] {
  return list.map((one, index) => (index === at ? { ...one, ...part } : one));
}
