import type {
  Finding,
  Fix,
  PageState,
  Proposal,
  SentAnswer,
  SentStep,
  SharedBy,
  StandingStep,
  Training,
  TrainingChanges,
} from '@/core';
import {
  type BlockPlan,
  type Catalogue,
  cutsIssued,
  type Edit,
  isSoundFix,
  isWithoutReasons,
  ok,
  pageState,
  type Result,
  refused,
  replayHistory,
  withChanges,
} from '@/core';
import {
  type BlockData,
  type BlockServer,
  type BlockState,
  type Judged,
  type Notice,
  type QueuedStep,
  savingState,
} from './block-state';
import { Derived } from './derived';
import { afterAccepted, applyStep, changesOverrides, historyEdit, withoutSteps, withSteps } from './document';
import type { Ports } from './ports';
import { type QueueState, type Reply, SyncQueue } from './sync-queue';

/** Reads a stored step; undefined if it is not one. */
export type ReadStep = (unchecked: unknown) => Promise<QueuedStep | undefined>;

/**
 * An open block with its training: applies edits at once, saves them in order, answers proposals, sends weeks, and
 * merges what others do. One state, independent of React.
 */
export class BlockSession {
  private state: BlockState;
  private readonly listeners = new Set<() => void>();
  private readonly queue: SyncQueue<QueuedStep>;
  private readonly derived = new Derived();
  /** Edits of this page that are not saved yet, by step. */
  private readonly mine = new Map<string, Edit>();
  private savedAt: number | null = null;
  private readonly shared: SharedBy | null;

  constructor(
    data: BlockData,
    private readonly server: BlockServer,
    private readonly ports: Ports,
    read: ReadStep,
  ) {
    const { block, revision, blockId } = data.training;
    this.shared = data.shared;
    this.queue = new SyncQueue<QueuedStep>(
      { name: `ladder/block/${blockId}`, isOrdered: true, read, send: (steps) => this.send(steps) },
      ports,
    );
    this.state = {
      document: {
        confirmed: block,
        revision,
        block,
        history: replayHistory(data.history),
        tookIn: false,
        problems: [],
      },
      training: data.training,
      saving: { status: 'saved', at: null },
      pending: [],
      isStored: true,
      isBusy: false,
      notice: null,
    };
    this.queue.subscribe(() => this.takeQueue(this.queue.getState()));
  }

  readonly getState = (): BlockState => this.state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Starts; restores what an earlier page could not save. */
  async start(): Promise<void> {
    const left = await this.queue.start();
    if (left.length === 0) return;
    for (const { id, edit } of left) this.mine.set(id, edit);
    const document = left.reduce((before, step) => {
      const taken = applyStep(before, step);
      return taken.ok ? taken.value : before;
    }, this.state.document);
    this.put({ document });
  }

  stop(): void {
    this.queue.stop();
  }

  /** Tries to save now: the network is back, or somebody has signed in. */
  again(): void {
    void this.queue.again();
  }

  /** Changes the block at once and queues the edit for saving. */
  readonly change = (edit: Edit): Result<null> => {
    const handedOut = this.state.training.issued.filter(({ plan }) => plan.kind === 'building').length;
    const cuts =
      edit.kind === 'block/set' && edit.field === 'weeks' ? cutsIssued({ weeks: edit.value }, handedOut) : [];
    return cuts.length > 0 ? refused(...cuts) : this.step('do', edit);
  };

  readonly undo = (): void => this.travel('undo');
  readonly redo = (): void => this.travel('redo');

  /** Resolves a conflict: applies my steps again on top of theirs, or drops mine. */
  readonly settle = (keep: 'mine' | 'theirs'): void => {
    if (this.state.saving.status !== 'collision') return;
    const { document } = this.state;
    const waiting = this.queue.getState().waiting;
    const kept = keep === 'mine' ? waiting.map((step) => ({ ...step, base: document.revision })) : [];
    if (keep === 'theirs') for (const { id } of waiting) this.mine.delete(id);
    this.put({ document: withoutSteps(document, waiting.length - kept.length, kept, []) });
    void this.queue.replace(kept);
  };

  /** Resolves when this page has nothing left to save, or saving has stopped. */
  readonly untilSaved = async (): Promise<number> => {
    await this.queue.untilDone();
    return this.state.document.revision;
  };

  /** The unsaved steps as text, for a coach who must copy them. */
  exported(): string {
    return JSON.stringify(
      this.queue.getState().waiting.map(({ id, action, edit }) => ({ id, action, edit })),
      null,
      1,
    );
  }

  dismiss(): void {
    if (this.state.notice !== null) this.put({ notice: null });
  }

  /** Merges what others have done since; stays silent if it cannot. */
  async reload(): Promise<void> {
    const page = pageState(this.state.training);
    const said = await this.server.reload(page).catch(() => undefined);
    if (said?.status === 'whole') this.takeWhole(said.training);
    else if (said?.status === 'changes') await this.takeChanges(said.changes, page);
  }

  answer(proposals: readonly Proposal[], outcome: 'accepted' | 'declined', choice: SentAnswer['choice']) {
    return this.alone(async () => {
      if (proposals.length === 0) return null;
      const sent = proposals.map(
        ({ id }): SentAnswer => ({ id, outcome: choice === null ? outcome : 'changed', choice }),
      );
      const page = pageState(this.state.training);
      const said = await this.server.answer(sent, page);
      if (said.status !== 'answered') return said;
      await this.takeChanges(said.changes, page);
      return said.missed.length === 0 ? null : { status: 'missed', calls: said.missed.length };
    });
  }

  issue(week: number) {
    return this.alone(async (revision) => {
      const said = await this.server.issue(week, revision);
      if (said.status !== 'issued') return said;
      this.putTraining({ issued: [...this.state.training.issued, said.week] });
      return null;
    });
  }

  recall(week: number) {
    // Confirmed after a warning that the week is open on a phone.
    const knowingly = this.state.notice?.status === 'open on a phone';
    return this.alone(async () => {
      const said = await this.server.recall(week, knowingly);
      if (said.status !== 'recalled') return said;
      this.putTraining({ issued: this.state.training.issued.filter((one) => one.week !== week) });
      return null;
    });
  }

  /** Closes a week that will not be finished, or reopens it. */
  close(week: number, closed: boolean) {
    return this.alone(async () => {
      const said = await this.server.close(week, closed);
      if (said.status !== 'closed') return said;
      await this.reload();
      return null;
    });
  }

  /** Loads the reasons of a week that came without them. */
  async fetchReasons(week: number): Promise<void> {
    const apart = this.state.training.issued.find((one) => one.week === week);
    if (apart === undefined || !isWithoutReasons(apart)) return;
    const said = await this.server.reasons(week).catch(() => undefined);
    if (said?.status !== 'found') return;
    const { issued } = this.state.training;
    this.putTraining({ issued: issued.map((one) => (one.id === said.week.id ? said.week : one)) });
  }

  /** The coach's custom exercises with the shipped ones. */
  catalogue(): Catalogue {
    return this.derived.catalogue(this.state.training);
  }

  /** The plan, computed when first asked for. */
  plan(): BlockPlan {
    return this.derived.plan(this.state.document.block, this.state.training);
  }

  /** What the checks find in a plan of the block. */
  findingsIn(judged: Judged): readonly Finding[] {
    return this.derived.findings(judged);
  }

  /** Whether a fix of a finding mends it and makes nothing else worse. */
  isSound(fix: Fix, finding: Finding, findings: readonly Finding[]): boolean {
    const looked = this.lookAt(fix.edit);
    return looked.ok && isSoundFix(fix, finding, findings, this.derived.findingsAlone(looked.value));
  }

  /** The block with a previewed edit and its consequences; or why the edit is invalid. */
  lookAt(edit: Edit): Result<Judged> {
    const taken = applyStep(this.state.document, { id: '', action: 'do', edit });
    if (!taken.ok) return taken;
    const { block } = taken.value;
    const { training } = this.state;
    return ok({ block, training, blockPlan: this.derived.plan(block, training) });
  }

  private step(action: SentStep['action'], edit: Edit): Result<null> {
    if (this.shared?.may === 'read') return refused({ code: 'to-read', path: '', coach: this.shared.coach });
    const id = this.ports.newId();
    const taken = applyStep(this.state.document, { id, action, edit });
    if (!taken.ok) return taken;
    this.mine.set(id, edit);
    this.put({ document: taken.value });
    void this.queue.add({ id, action, edit, base: taken.value.revision });
    return ok(null);
  }

  private travel(action: 'undo' | 'redo'): void {
    const edit = historyEdit(this.state.document, action);
    if (edit !== undefined) this.step(action, edit);
  }

  /**
   * One request to the server at a time; pending edits are saved first, because the request works on the saved block.
   */
  private async alone(work: (revision: number) => Promise<Notice | null>): Promise<void> {
    if (this.state.isBusy) return;
    if (this.shared?.may === 'read') return this.put({ notice: { status: 'to read' } });
    this.put({ isBusy: true, notice: null });
    const revision = await this.untilSaved();
    const notice = await work(revision).catch((): Notice => ({ status: 'unreachable' }));
    this.put({ isBusy: false, notice });
  }

  private async send(steps: readonly QueuedStep[]): Promise<Reply> {
    const base = Math.min(this.state.document.revision, ...steps.map((step) => step.base));
    const sent = steps.map(({ id, action, edit }): SentStep => ({ id, action, edit }));
    const said = await this.server.save(base, sent);
    if (said.status === 'malformed') return { status: 'malformed' };
    if (said.status === 'unavailable' || said.status === 'signed out')
      return { status: 'later', because: said.status };
    // A coach who may no longer edit keeps what they typed, to copy as text.
    if (said.status === 'gone' || said.status === 'to read')
      return { status: 'stopped', why: 'gone', ids: [] };
    const standing = new Set(said.steps.map(({ id }) => id));
    const ids = steps.filter(({ id }) => standing.has(id)).map(({ id }) => id);
    const dropped = said.status === 'refused' ? [said.step] : [];
    const left = this.queue.getState().waiting.filter(({ id }) => !standing.has(id) && !dropped.includes(id));
    await this.takeStanding(base, said.revision, said.steps, left);
    // What this page has saved is its own: later steps start after it.
    const { revision } = this.state.document;
    if (said.status !== 'collision') this.queue.revise((step) => ({ ...step, base: revision }));
    if (said.status === 'collision') return { status: 'stopped', why: 'collision', ids };
    this.savedAt = this.ports.clock.now();
    if (said.status === 'refused')
      this.put({ document: withoutSteps(this.state.document, 1, left, said.problems) });
    // A sent week follows its own overrides.
    if (this.state.training.issued.length > 0 && sent.some(({ edit }) => changesOverrides(edit)))
      void this.reload();
    return { status: 'taken', ids: [...ids, ...dropped] };
  }

  /** Applies steps to the confirmed block; if they do not fit, the whole block is loaded. */
  private async takeStanding(
    base: number,
    revision: number,
    steps: readonly StandingStep[],
    waiting: readonly QueuedStep[],
  ): Promise<void> {
    const { document } = this.state;
    // Steps between the base and the confirmed revision are known already.
    const fresh = steps.slice(Math.max(0, document.revision - base));
    const next = afterAccepted(document, revision, fresh, this.mine, waiting);
    if (next !== undefined) {
      for (const { id } of steps) this.mine.delete(id);
      // Steps that an earlier page had already saved were applied again when they were restored.
      const block = base < document.revision ? withSteps(next.confirmed, waiting) : next.block;
      this.put({ document: { ...next, block } });
      return;
    }
    const said = await this.server.reload(null);
    if (said.status === 'whole') this.takeWhole(said.training, waiting);
  }

  private async takeChanges(changes: TrainingChanges, { revision }: PageState): Promise<void> {
    const { training, document } = this.state;
    const next = withChanges(training, changes);
    if (next === undefined) {
      const said = await this.server.reload(null).catch(() => undefined);
      if (said?.status === 'whole') this.takeWhole(said.training);
      return;
    }
    this.put({ training: { ...next, revision: training.revision, block: training.block } });
    const waiting = this.queue.getState().waiting;
    if (changes.revision <= document.revision) return;
    await this.takeStanding(revision, changes.revision, changes.steps, waiting);
  }

  private takeWhole(training: Training, waiting = this.queue.getState().waiting): void {
    const { document } = this.state;
    const isNew = training.revision !== document.revision;
    this.put({
      training,
      document: {
        ...document,
        confirmed: training.block,
        revision: training.revision,
        block: isNew || waiting.length > 0 ? withSteps(training.block, waiting) : document.block,
        tookIn: isNew,
      },
    });
  }

  private putTraining(part: Partial<Training>): void {
    this.put({ training: { ...this.state.training, ...part } });
  }

  private takeQueue({ waiting, sending, isStored }: QueueState<QueuedStep>): void {
    this.put({ pending: waiting, isStored, saving: savingState(sending, this.savedAt) });
  }

  private put(part: Partial<BlockState>): void {
    const state = { ...this.state, ...part };
    const { revision, confirmed } = state.document;
    // Document and training change together: later requests start from this revision.
    this.state =
      state.training.revision === revision
        ? state
        : { ...state, training: { ...state.training, revision, block: confirmed } };
    for (const listener of this.listeners) listener();
  }
}
