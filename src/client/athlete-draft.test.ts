import type { SaveAthleteOutcome, Unanswered } from '@/core';
import { decodeAthlete } from '@/core/codecs';
import { athlete } from '@/core/testing/fixtures';
import { AthleteDraft, changedFields, createDraft, draftProblems, mergeDraft } from './athlete-draft';
import { FakeStore } from './testing/fake-world';

const stored = athlete();

test('fields changed elsewhere are updated; fields changed here stay', () => {
  const mine = { ...createDraft(stored, 3), mine: { ...stored, minutes: 60 } };
  expect(changedFields(mine)).toEqual(['minutes']);
  const after = mergeDraft(mine, { ...stored, name: 'New Name' }, 4);
  expect(after).toMatchObject({ revision: 4, collisions: [], mine: { name: 'New Name', minutes: 60 } });
  expect(changedFields(after)).toEqual(['minutes']);
});

test('a field changed on both sides is a conflict, unless both set the same value', () => {
  const mine = { ...createDraft(stored, 3), mine: { ...stored, minutes: 60 } };
  expect(mergeDraft(mine, { ...stored, minutes: 90 }, 4)).toMatchObject({
    collisions: ['minutes'],
    mine: { minutes: 60 },
  });
  expect(mergeDraft(mine, { ...stored, minutes: 60 }, 4).collisions).toEqual([]);
});

test('problems are found by path', () => {
  const wrong = { ...createDraft(stored, 0), mine: { ...stored, name: ' ', places: [] } };
  expect([...draftProblems(wrong, decodeAthlete).keys()]).toEqual(['name', 'places']);
  expect(draftProblems(createDraft(stored, 0), decodeAthlete).size).toBe(0);
});

describe('the draft of a page', () => {
  function page(store = new FakeStore(), revision = 3, now = stored) {
    const sent: unknown[] = [];
    let answer: SaveAthleteOutcome | Unanswered | 'no network' = { status: 'saved', revision: revision + 1 };
    const draft = new AthleteDraft(
      { athlete: now, revision },
      async (mine, base) => {
        sent.push([mine.minutes, base]);
        if (answer === 'no network') throw new Error(answer);
        return answer;
      },
      store,
    );
    return {
      draft,
      store,
      sent,
      answers: (how: typeof answer) => {
        answer = how;
      },
    };
  }

  test('nothing is saved before the coach saves; then it is, and the store is empty', async () => {
    const { draft, store, sent } = page();
    await draft.start(decodeAthlete);
    draft.change({ minutes: 60 });
    expect([...store.texts.keys()]).toEqual([`ladder/athlete/${stored.id}`]);
    expect(sent).toEqual([]);
    await draft.keep();
    expect(sent).toEqual([[60, 3]]);
    expect(draft.getState()).toMatchObject({
      status: 'saved',
      draft: { revision: 4, base: { minutes: 60 } },
    });
    expect(store.texts.size).toBe(0);
    await draft.keep();
    expect(sent).toHaveLength(1);
  });

  test('a reload keeps what was typed, on top of what was saved elsewhere since', async () => {
    const first = page();
    await first.draft.start(decodeAthlete);
    first.draft.change({ minutes: 60 });
    const second = page(first.store, 5, { ...stored, name: 'New Name' });
    await second.draft.start(decodeAthlete);
    expect(second.draft.getState()).toMatchObject({
      generation: 1,
      draft: { revision: 5, mine: { name: 'New Name', minutes: 60 } },
    });
  });

  test('an unreadable stored draft is skipped', async () => {
    const store = new FakeStore();
    store.texts.set(`ladder/athlete/${stored.id}`, 'no JSON');
    const { draft } = page(store);
    await draft.start(decodeAthlete);
    expect(changedFields(draft.getState().draft)).toEqual([]);
  });

  test('when changed elsewhere both sides are merged, and fields changed by both are named', async () => {
    const { draft, answers } = page();
    await draft.start(decodeAthlete);
    draft.change({ minutes: 60 });
    answers({ status: 'stale', revision: 9, theirs: { ...stored, minutes: 45 } });
    await draft.keep();
    expect(draft.getState()).toMatchObject({
      notice: { status: 'rebased', collisions: ['minutes'] },
      draft: { revision: 9, mine: { minutes: 60 } },
    });
  });

  test('when the server cannot be reached the draft stays and says so; typing during a save is not lost', async () => {
    const { draft, answers } = page();
    await draft.start(decodeAthlete);
    draft.change({ minutes: 60 });
    answers('no network');
    await draft.keep();
    expect(draft.getState()).toMatchObject({
      notice: { status: 'unreachable' },
      draft: { mine: { minutes: 60 } },
    });
    answers({ status: 'saved', revision: 4 });
    const keeping = draft.keep();
    draft.change({ minutes: 75 });
    await keeping;
    expect(draft.getState().draft).toMatchObject({
      base: { minutes: 60 },
      mine: { minutes: 75 },
      revision: 4,
    });
  });

  test('an invalid draft is not sent', async () => {
    const { draft, sent } = page();
    await draft.start(decodeAthlete);
    draft.change({ name: ' ' });
    await draft.keep();
    expect(sent).toEqual([]);
    draft.discard();
    expect(changedFields(draft.getState().draft)).toEqual([]);
  });
});
