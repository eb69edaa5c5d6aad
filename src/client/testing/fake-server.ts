import type {
  LoggedSet,
  PageState,
  SentAnswer,
  SentStep,
  SorenessReport,
  StandingStep,
  Workout,
} from '@/core';
import {
  type Answer,
  applyEdit,
  type Block,
  conflicts,
  type Edit,
  EMPTY_LOG,
  exerciseById,
  freezeWeek,
  type IssuedWeek,
  issuedKey,
  type Log,
  type Training,
  unfold,
} from '@/core';
import type { BlockServer } from '../block-state';

interface SavedStep {
  readonly id: string;
  readonly edit: Edit;
}

/** An in-memory server that follows the real one's rules: its state and its responses. */
export class FakeServer {
  readonly steps: SavedStep[] = [];
  issued: readonly IssuedWeek[] = [];
  log: Log = EMPTY_LOG;
  answers: readonly Answer[] = [];
  /** How often the whole block was requested. */
  wholes = 0;
  private weeks = 0;

  constructor(
    public block: Block,
    private readonly athlete: Training['athlete'],
  ) {}

  get revision(): number {
    return this.steps.length;
  }

  training(): Training {
    return {
      blockId: 'b1',
      revision: this.revision,
      block: this.block,
      athlete: this.athlete,
      athleteRevision: 0,
      ownExercises: [],
      issued: this.issued,
      log: this.log,
      answers: this.answers,
      checkIns: [],
      readAt: '2026-11-02T00:00:00.000Z',
    };
  }

  plan() {
    return unfold({ ...this.training(), exercises: (ref) => exerciseById(ref.id) });
  }

  /** The server as one page reaches it; the connection may cut or delay requests. */
  reached(wire: <T>(work: () => T) => Promise<T>): BlockServer {
    return {
      save: (base, steps) => wire(() => this.save(base, steps)),
      answer: (answers, page) => wire(() => this.answer(answers, page)),
      reload: (page) => wire(() => this.reload(page)),
      issue: (week, revision) => wire(() => this.issue(week, revision)),
      recall: (week) => wire(() => this.recall(week)),
      close: (week, closed) =>
        wire(() => {
          this.issued = this.issued.map(({ closedAt: _, ...one }) =>
            one.week === week && closed ? { ...one, closedAt: '2026-11-02T00:00:00.000Z' } : one,
          );
          return { status: 'closed' };
        }),
      reasons: (week) =>
        wire(() => {
          const found = this.issued.find((one) => one.week === week);
          return found === undefined ? { status: 'gone' } : { status: 'found', week: found };
        }),
    };
  }

  /** The athlete trains a session of the last sent week. */
  train(sessionAt: number, over: number): void {
    const week = this.issued.at(-1);
    const session = week?.plan.sessions[sessionAt % week.plan.sessions.length];
    if (week === undefined || session === undefined) return;
    const id = `${week.id}.${session.sessionId}`;
    if (this.log.workouts.some((one) => one.id === id)) return;
    const date = `2026-11-${String(2 + week.week * 3 + session.day).padStart(2, '0')}`;
    const workout: Workout = {
      id,
      week: week.week,
      sessionId: session.sessionId,
      date,
      finished: true,
      notes: [],
    };
    const sets = session.slots.flatMap((slot) =>
      slot.sets.map(
        (set): LoggedSet => ({
          id: `${id}/${slot.slotId}/${set.id}`,
          workoutId: id,
          slotId: slot.slotId,
          setId: set.id,
          exerciseId: slot.exerciseId,
          load: { value: set.load ?? 40, unit: slot.unit },
          reps: Math.max(1, set.reps + over),
          rir: Math.max(0, set.rir),
          at: `${date}T10:00:00.000Z`,
          supersedes: null,
        }),
      ),
    );
    const soreness: SorenessReport = { workoutId: id, muscle: 'quads', ended: date, said: date };
    this.log = {
      workouts: [...this.log.workouts, workout],
      sets: [...this.log.sets, ...sets],
      soreness: [...this.log.soreness, soreness],
    };
  }

  private save(base: number, steps: readonly SentStep[]): Awaited<ReturnType<BlockServer['save']>> {
    if (base > this.revision) return { status: 'malformed' };
    const between = this.steps.slice(base);
    const already = new Set(this.steps.map(({ id }) => id));
    const theirs = between.filter(({ id }) => !steps.some((step) => step.id === id));
    const mine = new Set(steps.map(({ id }) => id));
    const standing = (): readonly StandingStep[] =>
      this.steps.slice(base).map(({ id, edit }) => ({ id, edit: mine.has(id) ? null : edit }));
    for (const { id, edit } of steps) {
      if (already.has(id)) continue;
      if (theirs.some((other) => conflicts(this.block, edit, other.edit)))
        return { status: 'collision', revision: this.revision, steps: standing() };
      const applied = applyEdit(this.block, edit);
      if (!applied.ok) {
        const { problems } = applied;
        return { status: 'refused', revision: this.revision, steps: standing(), step: id, problems };
      }
      this.block = applied.value.block;
      this.steps.push({ id, edit });
    }
    return { status: 'saved', revision: this.revision, steps: standing() };
  }

  private answer(sent: readonly SentAnswer[], page: PageState): Awaited<ReturnType<BlockServer['answer']>> {
    const pending = new Map(this.plan().proposals.map((proposal) => [proposal.id, proposal]));
    const taken = sent.flatMap(({ id, outcome, choice }): Answer[] => {
      const proposal = pending.get(id);
      return proposal === undefined ? [] : [{ id, subject: proposal.subject, outcome, proposal, choice }];
    });
    this.answers = [...this.answers.filter(({ id }) => !taken.some((one) => one.id === id)), ...taken];
    const missed = sent.filter(({ id }) => !pending.has(id)).map(({ id }) => id);
    return { status: 'answered', changes: this.changes(page), missed };
  }

  private reload(page: PageState | null): Awaited<ReturnType<BlockServer['reload']>> {
    if (page !== null) return { status: 'changes', changes: this.changes(page) };
    this.wholes++;
    return { status: 'whole', training: this.training() };
  }

  private changes(page: PageState) {
    const ids = this.issued.map(({ id }) => id);
    return {
      readAt: page.readAt,
      revision: this.revision,
      steps: this.steps.slice(page.revision),
      athlete: null,
      ownExercises: null,
      issued: this.issued.filter((one) => !page.issued.includes(issuedKey(one))),
      recalled: page.issued.flatMap((key) => key.split('/')[0] ?? []).filter((id) => !ids.includes(id)),
      workouts: this.log.workouts,
      sets: this.log.sets,
      soreness: this.log.soreness,
      answers: this.answers,
      checkIns: [],
      totals: {
        workouts: this.log.workouts.length,
        sets: this.log.sets.length,
        soreness: this.log.soreness.length,
        answers: this.answers.length,
      },
    };
  }

  private issue(week: number, revision: number): Awaited<ReturnType<BlockServer['issue']>> {
    if (revision !== this.revision) return { status: 'stale' };
    const input = { ...this.training(), exercises: (ref: { id: string }) => exerciseById(ref.id) };
    const frozen = freezeWeek(input, week, { id: `i${++this.weeks}`, at: '2026-11-02T00:00:00.000Z' });
    if (!frozen.ok) return { status: 'refused', refusal: frozen.refusal };
    this.issued = [...this.issued, frozen.value];
    return { status: 'issued', week: frozen.value };
  }

  private recall(week: number): Awaited<ReturnType<BlockServer['recall']>> {
    const last = this.issued.at(-1);
    if (last?.week !== week) return { status: 'later week issued' };
    if (this.log.workouts.some((workout) => workout.week === week)) return { status: 'already logged' };
    this.issued = this.issued.slice(0, -1);
    return { status: 'recalled' };
  }
}
