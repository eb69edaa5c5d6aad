import fc from 'fast-check';
import { type Reply, SyncQueue } from './sync-queue';
import { calm, FakeBrowser } from './testing/fake-world';

interface Item {
  readonly id: string;
  readonly text: string;
}

const item = (id: string): Item => ({ id, text: `what ${id} says` });
const read = async (unchecked: unknown) =>
  typeof (unchecked as Item | null)?.id === 'string' ? (unchecked as Item) : undefined;

/** A page with a queue, and a server with scripted responses. */
function page(browser = new FakeBrowser(), { isOrdered = false }: { readonly isOrdered?: boolean } = {}) {
  const sent: string[][] = [];
  let answer: (ids: readonly string[]) => Promise<Reply> = async (ids) => ({ status: 'taken', ids });
  const { ports, kill } = browser.open();
  const queue = new SyncQueue<Item>(
    {
      name: 'things',
      isOrdered,
      read,
      send: (items) => {
        const ids = items.map(({ id }) => id);
        sent.push(ids);
        return answer(ids);
      },
    },
    ports,
  );
  return {
    browser,
    queue,
    kill,
    sent,
    answers: (how: typeof answer) => {
      answer = how;
    },
  };
}

const waiting = (queue: SyncQueue<Item>) => queue.getState().waiting.map(({ id }) => id);
const later: Reply = { status: 'later', because: 'unavailable' };

test('an item is stored before it counts as taken, and leaves the store once the server has it', async () => {
  const { queue, browser, answers } = page();
  answers(() => new Promise(() => {}));
  await queue.start();
  await queue.add(item('a'));
  expect([...browser.store.texts.values()].join()).toContain('what a says');
  const other = page();
  await other.queue.start();
  await other.queue.add(item('a'));
  await calm();
  expect(other.browser.store.texts.size).toBe(0);
  expect(other.queue.getState().sending).toEqual({ status: 'clear' });
});

test('when the server cannot be reached, sending is retried by itself after growing pauses', async () => {
  const { queue, browser, sent, answers } = page();
  answers(async () => {
    throw new Error('no network');
  });
  await queue.start();
  await queue.add(item('a'));
  await calm();
  expect(queue.getState().sending).toEqual({ status: 'waiting', because: 'unreachable' });
  answers(async () => later);
  await browser.clock.pass(1000);
  expect(queue.getState().sending).toEqual({ status: 'waiting', because: 'unavailable' });
  await browser.clock.pass(1999);
  expect(sent).toHaveLength(2);
  answers(async (ids) => ({ status: 'taken', ids }));
  await browser.clock.pass(1);
  expect(sent).toHaveLength(3);
  expect(queue.getState()).toMatchObject({ waiting: [], sending: { status: 'clear' } });
});

test('when signed out, sending resumes by itself once somebody has signed in elsewhere', async () => {
  const { queue, browser, answers } = page();
  answers(async () => ({ status: 'later', because: 'signed out' }));
  await queue.start();
  await queue.add(item('a'));
  await calm();
  expect(queue.getState().sending).toEqual({ status: 'waiting', because: 'signed out' });
  answers(async (ids) => ({ status: 'taken', ids }));
  await browser.clock.pass(15_000);
  expect(waiting(queue)).toEqual([]);
});

test('a refused item is set apart and blocks no other', async () => {
  const { queue, answers } = page();
  answers(async (ids) => ({
    status: 'taken',
    ids: ids.filter((id) => id !== 'b'),
    refused: ids.filter((id) => id === 'b').map((id) => ({ id, why: 'unknown set' })),
  }));
  await queue.start();
  await queue.add(item('a'), item('b'), item('c'));
  await calm();
  expect(waiting(queue)).toEqual([]);
  expect(queue.getState().refused).toEqual([{ item: item('b'), why: 'unknown set' }]);
  answers(async (ids) => ({ status: 'taken', ids }));
  await queue.settleRefused('b', 'send again');
  await calm();
  expect(queue.getState()).toMatchObject({ waiting: [], refused: [] });
});

test('an item set apart outlives the page until somebody settles it', async () => {
  const first = page();
  first.answers(async (ids) => ({ status: 'taken', ids: [], refused: ids.map((id) => ({ id, why: 'no' })) }));
  await first.queue.start();
  await first.queue.add(item('a'));
  await calm();
  first.kill();
  const second = page(first.browser);
  await second.queue.start();
  expect(second.queue.getState().refused).toEqual([{ item: item('a'), why: 'no' }]);
  await second.queue.settleRefused('a', 'drop');
  expect(first.browser.store.texts.size).toBe(0);
});

test('an unreadable item is found and set apart; in an ordered queue sending stops and keeps everything', async () => {
  const cannotRead = async (ids: readonly string[]): Promise<Reply> =>
    ids.includes('b') ? { status: 'malformed' } : { status: 'taken', ids };
  const { queue, answers } = page();
  answers(cannotRead);
  await queue.start();
  await queue.add(item('a'), item('b'), item('c'));
  await calm();
  expect(queue.getState()).toMatchObject({ waiting: [], refused: [{ why: 'malformed' }] });

  const ordered = page(new FakeBrowser(), { isOrdered: true });
  ordered.answers(cannotRead);
  await ordered.queue.start();
  await ordered.queue.add(item('a'), item('b'), item('c'));
  await calm();
  expect(ordered.queue.getState().sending).toEqual({ status: 'stopped', why: 'malformed' });
  expect(waiting(ordered.queue)).toEqual(['a', 'b', 'c']);
  expect([...ordered.browser.store.texts.values()].join()).toContain('what b says');
});

test('settled resolves when everything is sent, and when sending has stopped', async () => {
  const { queue, answers } = page();
  answers(async () => ({ status: 'stopped', why: 'collision', ids: ['a'] }));
  await queue.start();
  await queue.add(item('a'), item('b'));
  expect(await queue.untilDone()).toBe('stopped');
  expect(waiting(queue)).toEqual(['b']);
  answers(async (ids) => ({ status: 'taken', ids }));
  await queue.replace([]);
  expect(await queue.untilDone()).toBe('clear');
});

test('an item held by two dead pages is taken over once', async () => {
  const browser = new FakeBrowser();
  const left = JSON.stringify({ items: [item('a'), item('b')], refused: [] });
  browser.store.texts.set('things/dead-1', left);
  browser.store.texts.set('things/dead-2', left);
  const { queue, sent } = page(browser);
  expect(await queue.start()).toEqual([item('a'), item('b')]);
  await calm();
  expect(sent).toEqual([['a', 'b']]);
  expect(browser.store.texts.size).toBe(0);
});

test('items of a living page are left alone', async () => {
  const first = page();
  first.answers(() => new Promise(() => {}));
  await first.queue.start();
  await first.queue.add(item('a'));
  const second = page(first.browser);
  expect(await second.queue.start()).toEqual([]);
  first.kill();
  const third = page(first.browser);
  expect(await third.queue.start()).toEqual([item('a')]);
});

test('a thousand items are sent in batches of two hundred', async () => {
  const { queue, sent } = page();
  await queue.start();
  await queue.add(...Array.from({ length: 1001 }, (_, at) => item(`i${at}`)));
  await calm();
  await calm();
  expect(waiting(queue)).toEqual([]);
  expect(Math.max(...sent.map(({ length }) => length))).toBe(200);
});

test('a full store is reported, and waiting items are still sent', async () => {
  const { queue, browser, answers } = page();
  browser.store.isFull = true;
  answers(async () => later);
  await queue.start();
  await queue.add(item('a'));
  expect(queue.getState().isStored).toBe(false);
  answers(async (ids) => ({ status: 'taken', ids }));
  await queue.again();
  await calm();
  expect(queue.getState()).toMatchObject({ waiting: [], isStored: true });
});

test('stored garbage is skipped, and the rest is taken over', async () => {
  const browser = new FakeBrowser();
  browser.store.texts.set('things/a', 'no JSON');
  browser.store.texts.set('things/b', JSON.stringify({ items: [null, item('b')], refused: [] }));
  const { queue } = page(browser);
  expect(await queue.start()).toEqual([item('b')]);
});

/** Events in the life of pages, network and server. */
type Event =
  | { readonly kind: 'tap' | 'kill' | 'again'; readonly page: number }
  | { readonly kind: 'open' | 'network' | 'lost answers' | 'slow' }
  | { readonly kind: 'pass'; readonly ms: number };

const anEvent: fc.Arbitrary<Event> = fc.oneof(
  { weight: 6, arbitrary: fc.record({ kind: fc.constant('tap' as const), page: fc.nat(3) }) },
  {
    weight: 2,
    arbitrary: fc.record({ kind: fc.constantFrom('kill' as const, 'again' as const), page: fc.nat(3) }),
  },
  { weight: 3, arbitrary: fc.record({ kind: fc.constantFrom('open', 'network', 'lost answers', 'slow') }) },
  {
    weight: 4,
    arbitrary: fc.record({ kind: fc.constant('pass' as const), ms: fc.integer({ min: 1, max: 9000 }) }),
  },
) as fc.Arbitrary<Event>;

/** A server that stores each id once, behind a network that is cut, loses responses, and delivers late and twice. */
class Wire {
  readonly kept = new Set<string>();
  /** Batches in which an item came twice. */
  readonly doubled: string[][] = [];
  isDown = false;
  losesAnswers = false;
  private late: (() => void)[] = [];
  isSlow = false;

  constructor(private readonly refuses: (id: string) => boolean) {}

  readonly send = async (items: readonly Item[]): Promise<Reply> => {
    if (this.isDown) throw new Error('cut');
    if (this.isSlow) await new Promise<void>((resolve) => this.late.push(resolve));
    // The server reads what arrives, even if the sending page is gone.
    const ids = items.map(({ id }) => id);
    if (new Set(ids).size < ids.length) this.doubled.push(ids);
    for (const id of ids) if (!this.refuses(id)) this.kept.add(id);
    if (this.losesAnswers) throw new Error('the answer was lost');
    return {
      status: 'taken',
      ids: ids.filter((id) => !this.refuses(id)),
      refused: ids.filter(this.refuses).map((id) => ({ id, why: 'refused' })),
    };
  };

  /** Delivers everything delayed, last first. */
  deliver(): void {
    for (const arrive of this.late.splice(0).reverse()) arrive();
  }
}

test('whatever happens to pages, network and server, nothing acknowledged is lost or stored twice', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(anEvent, { minLength: 5, maxLength: 40 }), async (events) => {
      const browser = new FakeBrowser();
      const wire = new Wire((id) => id.endsWith('7'));
      const pages: { queue: SyncQueue<Item>; kill: () => void; isAlive: () => boolean }[] = [];
      const open = async () => {
        const { ports, kill, isAlive } = browser.open();
        const queue = new SyncQueue<Item>({ name: 'things', isOrdered: false, read, send: wire.send }, ports);
        pages.push({ queue, kill, isAlive });
        await queue.start();
      };
      const acknowledged: string[] = [];
      let taps = 0;
      await open();
      for (const event of events) {
        const living = pages.filter(({ isAlive }) => isAlive());
        const one = 'page' in event ? living[event.page % Math.max(1, living.length)] : undefined;
        if (event.kind === 'tap' && one !== undefined) {
          const id = `tap-${++taps}`;
          await one.queue.add(item(id));
          acknowledged.push(id);
        } else if (event.kind === 'kill') one?.kill();
        else if (event.kind === 'again') void one?.queue.again();
        else if (event.kind === 'open' && living.length < 4) await open();
        else if (event.kind === 'network') wire.isDown = !wire.isDown;
        else if (event.kind === 'lost answers') wire.losesAnswers = !wire.losesAnswers;
        else if (event.kind === 'slow') {
          wire.isSlow = !wire.isSlow;
          if (!wire.isSlow) wire.deliver();
        } else if (event.kind === 'pass') await browser.clock.pass(event.ms);
      }
      // Finally the network works and the page is opened once more.
      wire.isDown = false;
      wire.losesAnswers = false;
      wire.isSlow = false;
      wire.deliver();
      await calm();
      for (const { isAlive, kill } of pages) if (isAlive()) kill();
      await open();
      await browser.clock.pass(60_000);
      const last = pages.at(-1)?.queue.getState();
      const refused = new Set(last?.refused.map(({ item: one }) => one.id));
      expect(last?.waiting).toEqual([]);
      for (const id of acknowledged) expect([id, wire.kept.has(id) || refused.has(id)]).toEqual([id, true]);
      expect(wire.doubled).toEqual([]);
    }),
    { numRuns: 1000 },
  );
});
