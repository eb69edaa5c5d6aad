import type { Block } from '../document';
import { addSession } from './add-session';
import { addSlot } from './add-slot';
import type { SingleEdit } from './edit';
import type { EditKind } from './edit-kind';
import { moveSlot } from './move-slot';
import { removeSession } from './remove-session';
import { removeSlot } from './remove-slot';
import { setSession } from './set-session';
import { setSettings } from './set-settings';
import { setSlot } from './set-slot';

/** Every kind of edit by name: leaving one out does not compile. */
export const EDITS: { readonly [E in SingleEdit as E['kind']]: EditKind<E, SingleEdit> } = {
  'block/set': setSettings,
  'session/set': setSession,
  'session/add': addSession,
  'session/remove': removeSession,
  'slot/set': setSlot,
  'slot/add': addSlot,
  'slot/remove': removeSlot,
  'slot/move': moveSlot,
};

/** The kind of an edit, typed for that edit: the name connects them, which TypeScript cannot follow. */
export function editKind(edit: SingleEdit): EditKind<SingleEdit, SingleEdit> {
  return EDITS[edit.kind] as unknown as EditKind<SingleEdit, SingleEdit>;
}

/** The paths an edit touches. */
export function touchedPaths(block: Block, edit: SingleEdit) {
  return editKind(edit).touches(block, edit);
}
