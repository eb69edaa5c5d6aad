import { type Block, findSlot } from './block';
import type { Edit, SingleEdit } from './edit';

interface Touched {
  /** Paths the edit writes. */
  readonly writes: readonly string[];
  /** Paths that must still exist. */
  readonly needs: readonly string[];
}

function touched(block: Block, edit: SingleEdit): Touched {
  switch (edit.kind) {
    case 'block/set':
      return { writes: [`block/${edit.field}`], needs: [] };
    case 'session/set':
      return { writes: [`session/${edit.session}/${edit.field}`], needs: [] };
    case 'slot/set':
      return { writes: [`slot/${edit.slot}/${edit.field}`], needs: [] };
    case 'session/add':
      return { writes: [`session/${edit.session.id}`], needs: [] };
    case 'session/remove': {
      const slots = block.sessions.find(({ id }) => id === edit.session)?.slots ?? [];
      return { writes: [`session/${edit.session}`, ...slots.map((slot) => `slot/${slot.id}`)], needs: [] };
    }
    case 'slot/add':
      return { writes: [`slot/${edit.slot.id}`], needs: [`session/${edit.session}`] };
    case 'slot/remove':
      return { writes: [`slot/${edit.slot}`], needs: [] };
    case 'slot/move': {
      const from = findSlot(block, edit.slot)?.session.id;
      return {
        writes: [`slot/${edit.slot}/place`],
        needs: [`session/${edit.session}`, ...(from ? [`session/${from}`] : [])],
      };
    }
  }
}

function covers(ancestor: string, path: string): boolean {
  return path === ancestor || path.startsWith(`${ancestor}/`);
}

function singles(edit: Edit): readonly SingleEdit[] {
  return edit.kind === 'batch' ? edit.edits : [edit];
}

/**
 * Whether two edits made from the same block cannot both stand: they write the same field, or one writes into what
 * the other removes. Edits of different things never collide.
 */
export function collides(block: Block, mine: Edit, theirs: Edit): boolean {
  return singles(mine).some((a) =>
    singles(theirs).some((b) => {
      const left = touched(block, a);
      const right = touched(block, b);
      return (
        left.writes.some((x) => right.writes.some((y) => covers(x, y) || covers(y, x))) ||
        left.needs.some((x) => right.writes.some((y) => covers(y, x))) ||
        right.needs.some((x) => left.writes.some((y) => covers(y, x)))
      );
    }),
  );
}
