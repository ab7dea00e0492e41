import type { BatchDraft, TrayMark } from '@ember-fold/core/plan';
import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import { applyPatches, type Draft, enablePatches, type Patch, produceWithPatches } from 'immer';
import { pressedSinceMs } from './press';

enablePatches();

/** One undoable step; typing in one field for a while is one step, and so is a drag however slow. */
export interface HistoryStep {
  readonly field: string;
  readonly atMs: number;
  /** The press of the pointer it was done with; `null`: none. */
  readonly pressMs?: number | null;
  readonly forward: readonly Patch[];
  readonly backward: readonly Patch[];
}

export interface DraftState {
  readonly batchId: string | null;
  readonly draft: BatchDraft | null;
  /** The tray that is open; `null`: the first. */
  readonly mark: TrayMark | null;
  readonly past: readonly HistoryStep[];
  readonly future: readonly HistoryStep[];
}

const EMPTY: DraftState = { batchId: null, draft: null, mark: null, past: [], future: [] };

const TOGETHER_MS = 900;
const MOST_STEPS = 200;

type Tree = Record<string, unknown>;

/** Moves what `open` gives from `base` to `next`, touching only what differs: patches stay small, and nothing else is opened. */
function become(open: () => Tree, base: Tree, next: Tree): void {
  for (const key of Object.keys(base)) if (!(key in next)) delete open()[key];
  for (const key of Object.keys(next)) {
    const a = base[key];
    const b = next[key];
    if (a === b) continue;
    const bothObjects = a && b && typeof a === 'object' && typeof b === 'object';
    const sameKind = bothObjects && Array.isArray(a) === Array.isArray(b);
    if (sameKind && (!Array.isArray(a) || a.length === (b as unknown[]).length)) {
      become(() => open()[key] as Tree, a as Tree, b as Tree);
    } else {
      open()[key] = b;
    }
  }
}

/** The draft as it is after `next`, and the patches there and back. */
const moved = (draft: BatchDraft, next: BatchDraft) =>
  produceWithPatches(draft, (open: Draft<BatchDraft>) =>
    become(() => open as unknown as Tree, draft as unknown as Tree, next as unknown as Tree),
  );

/** A batch that is opened, with what of its history outlived a reload. */
interface Loaded {
  readonly batchId: string;
  readonly draft: BatchDraft;
  readonly mark?: TrayMark | null;
  readonly past?: readonly HistoryStep[];
  readonly future?: readonly HistoryStep[];
}

interface Changed {
  readonly next: BatchDraft;
  readonly field: string;
  readonly atMs: number;
  readonly pressMs: number | null;
}

const slice = createSlice({
  name: 'draft',
  initialState: EMPTY,
  reducers: {
    draftLoaded: (_state, { payload }: PayloadAction<Loaded>) => ({ ...EMPTY, ...payload }),
    trayOpened: (state, { payload }: PayloadAction<TrayMark | null>) => ({ ...state, mark: payload }),
    /** What another device changed, or what both come to: not a step that this one can undo. */
    draftTaken: (state, { payload }: PayloadAction<{ batchId: string; draft: BatchDraft }>) => {
      const now = original(state) as DraftState;
      if (now.batchId !== payload.batchId || !now.draft) return state;
      const [draft, patches] = moved(now.draft, payload.draft);
      return (patches.length === 0 ? state : { ...now, draft }) as unknown as typeof state;
    },
    draftChanged: {
      prepare: (next: BatchDraft, field: string) => ({
        payload: { next, field, atMs: Date.now(), pressMs: pressedSinceMs() },
      }),
      reducer: (state, { payload }: PayloadAction<Changed>) => {
        const now = original(state) as DraftState;
        if (!now.draft) return state;
        const [draft, forward, backward] = moved(now.draft, payload.next);
        if (forward.length === 0) return state;
        const last = now.past[now.past.length - 1];
        const isOneDrag = payload.pressMs !== null && payload.pressMs === last?.pressMs;
        const joins = last?.field === payload.field && (isOneDrag || payload.atMs - last.atMs < TOGETHER_MS);
        const done = { field: payload.field, atMs: payload.atMs, pressMs: payload.pressMs };
        const step: HistoryStep = joins
          ? {
              ...done,
              forward: [...last.forward, ...forward],
              backward: [...backward, ...last.backward],
            }
          : { ...done, forward, backward };
        const past = [...(joins ? now.past.slice(0, -1) : now.past), step].slice(-MOST_STEPS);
        return {
          ...now,
          draft,
          past,
          future: [],
        } as unknown as typeof state;
      },
    },
    undone: (state) => {
      const now = original(state) as DraftState;
      const step = now.past[now.past.length - 1];
      if (!now.draft || !step) return state;
      const draft = applyPatches(now.draft, [...step.backward]);
      const past = now.past.slice(0, -1);
      return {
        ...now,
        draft,
        past,
        future: [step, ...now.future],
      } as unknown as typeof state;
    },
    redone: (state) => {
      const now = original(state) as DraftState;
      const step = now.future[0];
      if (!now.draft || !step) return state;
      const draft = applyPatches(now.draft, [...step.forward]);
      const past = [...now.past, step];
      return {
        ...now,
        draft,
        past,
        future: now.future.slice(1),
      } as unknown as typeof state;
    },
  },
});

export const { draftLoaded, trayOpened, draftTaken, draftChanged, undone, redone } = slice.actions;
export const draftReducer = slice.reducer;
