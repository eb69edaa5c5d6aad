import { isEqual } from 'es-toolkit';
import type { Athlete, Problem, Result, SaveAthleteOutcome, Unanswered } from '@/core';
import type { Store } from './ports';

export type DecodeAthlete = (unchecked: unknown) => Result<Athlete>;

/** Storage key of an athlete's unsaved changes in a tab. */
export function draftKey(athleteId: string): string {
  return `ladder/athlete/${athleteId}`;
}

/** An athlete being edited: the stored version, the coach's changes, and the fields changed on both sides. */
export interface Draft {
  readonly base: Athlete;
  readonly revision: number;
  readonly mine: Athlete;
  /** Fields also changed elsewhere; saving stores this page's values. */
  readonly collisions: readonly (keyof Athlete)[];
}

const FIELDS = (athlete: Athlete) => Object.keys(athlete) as (keyof Athlete)[];

export function createDraft(athlete: Athlete, revision: number): Draft {
  return { base: athlete, revision, mine: athlete, collisions: [] };
}

/** Fields that differ from the stored version. */
export function changedFields({ base, mine }: Draft): readonly (keyof Athlete)[] {
  return FIELDS(mine).filter((field) => !isEqual(base[field], mine[field]));
}

/**
 * The draft merged with what somebody else saved meanwhile: their value where only they changed a field, mine where I
 * did.
 */
export function mergeDraft(draft: Draft, theirs: Athlete, revision: number): Draft {
  const changed = changedFields(draft);
  const mine = { ...theirs, ...Object.fromEntries(changed.map((field) => [field, draft.mine[field]])) };
  const collisions = changed.filter(
    (field) => !isEqual(theirs[field], draft.base[field]) && !isEqual(theirs[field], draft.mine[field]),
  );
  return { base: theirs, revision, mine, collisions };
}

/** Problems of the draft, by path. */
export function draftProblems({ mine }: Draft, decode: DecodeAthlete): ReadonlyMap<string, Problem> {
  const decoded = decode(mine);
  return new Map(decoded.ok ? [] : decoded.problems.map((problem) => [problem.path, problem]));
}

/** Results of saving other than success. */
export type DraftNotice =
  | Exclude<SaveAthleteOutcome, { readonly status: 'saved' | 'stale' }>
  | Unanswered
  | { readonly status: 'unreachable' }
  /** Changed elsewhere meanwhile, with the fields changed on both sides. */
  | { readonly status: 'rebased'; readonly collisions: readonly (keyof Athlete)[] };

/** An athlete being edited, as a screen shows it. */
export interface AthleteDraftState {
  readonly draft: Draft;
  readonly status: 'idle' | 'saving' | 'saved';
  readonly notice: DraftNotice | null;
  /** Counts up when fields must be filled anew, because their values no longer come from typing. */
  readonly generation: number;
  /** Validates the draft; null until it has loaded. */
  readonly decode: DecodeAthlete | null;
}

interface Stored {
  readonly base: unknown;
  readonly mine: unknown;
  readonly revision: number;
}

/** The athlete being edited: nothing is saved before the coach saves, and a reload loses nothing that was typed. */
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
      draft: createDraft(data.athlete, data.revision),
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

  /** Starts once the draft can be validated; restores what an earlier page of this tab left unsaved. */
  async start(decode: DecodeAthlete): Promise<void> {
    this.put({ decode });
    const left = await this.leftOver(decode);
    if (left === undefined || changedFields(left).length === 0) return;
    // Keeps what was typed meanwhile.
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
    this.put({ draft: createDraft(draft.base, draft.revision), generation: generation + 1, notice: null });
    this.keepSafe();
  }

  /** Takes over a value saved elsewhere on the page, such as a measured body weight. */
  adopt(revision: number, part: Partial<Athlete>): void {
    const { draft } = this.state;
    this.put({ draft: mergeDraft(draft, { ...draft.base, ...part }, revision) });
    this.keepSafe();
  }

  /** Saves the draft if it has changes and no problems. */
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
        const next = mergeDraft(this.state.draft, outcome.theirs, outcome.revision);
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

  /** The draft after a save: what was typed during the save is applied on top. */
  private onTop(sent: Draft, kept: Athlete, revision: number): Draft {
    const { mine } = this.state.draft;
    return mine === sent.mine ? createDraft(kept, revision) : { base: kept, revision, mine, collisions: [] };
  }

  private async leftOver(decode: DecodeAthlete): Promise<Draft | undefined> {
    try {
      const text = await this.store.read(this.key);
      if (text === null) return undefined;
      const left = JSON.parse(text) as Stored;
      const [base, mine] = [decode(left.base), decode(left.mine)];
      if (!base.ok || !mine.ok) return undefined;
      const draft: Draft = { base: base.value, mine: mine.value, revision: left.revision, collisions: [] };
      return mergeDraft(draft, this.data.athlete, this.data.revision);
    } catch {
      return undefined;
    }
  }

  /** Stores the draft while there is one; without room it stays on this page only. */
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

/** A list with one entry changed. */
export function changedAt<T>(list: readonly T[], at: number, part: Partial<T>): readonly T[] {
  return list.map((one, index) => (index === at ? { ...one, ...part } : one));
}
