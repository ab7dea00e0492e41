import {
  type MethodFact,
  ownLike,
  type RecipeLine,
  type RecipePart,
  type RecipeRead,
  type SettledLine,
} from '@ember-fold/core/files';
import { type Ingredient, type Kitchen, pantryOf } from '@ember-fold/core/plan';
import { useEffect, useMemo, useState } from 'react';
import { noteChange } from '../../data/draft/lastChanges';
import { useKept } from '../../data/offline/useKept';
import { readRecipeLatest } from '../../workers/planClient';

/** What the cook said of one line beyond what is written. */
export interface Mend {
  readonly ingredientId?: string;
  readonly massKg?: number;
  readonly part?: RecipePart;
  readonly out?: boolean;
  /** A name that is new here is taken on as it is. */
  readonly taken?: boolean;
}

/** A line with what the cook said of it. */
export interface MendedLine extends RecipeLine {
  readonly key: string;
  readonly out: boolean;
  readonly taken: boolean;
  /** Something of it is still to be looked at. */
  readonly isOpen: boolean;
}

interface Paper {
  readonly text: string;
  readonly mends: Readonly<Record<string, Mend>>;
}
const NO_PAPER: Paper = { text: '', mends: {} };
const isPaper = (value: unknown): value is Paper =>
  typeof value === 'object' &&
  value !== null &&
  typeof (value as Paper).text === 'string' &&
  typeof (value as Paper).mends === 'object' &&
  (value as Paper).mends !== null;

/** Nothing of these is asked again once the cook has said it. */
const OF_NAME: readonly string[] = ['not-known', 'like-another', 'near-name'];

function withMend(line: RecipeLine, key: string, mend: Mend | undefined): MendedLine {
  const { ingredientId, massKg, part, out = false, taken = false } = mend ?? {};
  const open = line.questions.filter((question) => {
    if (question === 'to-taste') return false;
    if (OF_NAME.includes(question)) return ingredientId === undefined && !taken;
    return massKg === undefined && part === undefined;
  });
  return {
    ...line,
    ...(ingredientId !== undefined && { ingredientId, like: null }),
    ...(massKg !== undefined && { massKg, leastKg: massKg, mostKg: massKg }),
    ...(part !== undefined && { part }),
    key,
    out,
    taken,
    isOpen: !out && open.length > 0,
    questions: out ? [] : [...open, ...line.questions.filter((one) => one === 'to-taste' && massKg === undefined)],
  };
}

/** A recipe as it is typed, what was understood of it, and what it needs of the pantry. */
export interface Recipe {
  readonly text: string;
  readonly setText: (text: string) => void;
  readonly clear: () => void;
  readonly read: RecipeRead | null;
  readonly lines: readonly MendedLine[];
  readonly facts: readonly MethodFact[];
  readonly mend: (key: string, change: Mend) => void;
  /** Lines to plan with: not those whose amount is still asked about. */
  readonly settled: readonly SettledLine[];
  /** Ingredients that are new here, with the ids they will have. */
  readonly fresh: readonly Ingredient[];
  /** The kitchen as it is once those are in it. */
  readonly kitchen: Kitchen;
}

/** Kept in the browser until the batch is made: a reload loses nothing. */
export function useRecipe(kitchen: Kitchen): Recipe {
  const [kept, setKept] = useKept('paper', isPaper);
  const paper = kept ?? NO_PAPER;
  const keep = (next: Paper | null) => {
    noteChange({ of: 'kept', key: 'paper', before: kept });
    setKept(next);
  };
  const [read, setRead] = useState<RecipeRead | null>(null);
  const { ingredients, measures } = kitchen;
  useEffect(() => {
    let isHere = true;
    void readRecipeLatest(paper.text, ingredients ?? [], measures).then((found) => isHere && found && setRead(found));
    return () => {
      isHere = false;
    };
  }, [paper.text, ingredients, measures]);
  const [ids] = useState(() => new Map<string, string>());
  const { mends } = paper;
  const lines = useMemo(() => {
    const times = new Map<string, number>();
    return (read?.lines ?? []).map((line) => {
      const nth = times.get(line.text) ?? 0;
      times.set(line.text, nth + 1);
      const key = nth === 0 ? line.text : `${line.text} ${nth + 1}`;
      return withMend(line, key, mends[key]);
    });
  }, [read, mends]);
  const { settled, fresh } = useMemo(() => settle(lines, kitchen, ids), [lines, kitchen, ids]);
  return {
    text: paper.text,
    read,
    lines,
    facts: read?.facts ?? [],
    settled,
    fresh,
    setText: (text) => keep({ ...paper, text }),
    clear: () => keep(null),
    mend: (key, change) => keep({ ...paper, mends: { ...mends, [key]: { ...mends[key], ...change } } }),
    kitchen: useMemo(() => ({ ...kitchen, ingredients: [...(kitchen.ingredients ?? []), ...fresh] }), [kitchen, fresh]),
  };
}

/** Every line that is not left out, with an ingredient: one of the pantry, or a new one like its nearest. */
function settle(lines: readonly MendedLine[], kitchen: Kitchen, ids: Map<string, string>) {
  const pantry = pantryOf(kitchen);
  const fresh = new Map<string, Ingredient>();
  const settled = lines
    .filter(({ out, questions }) => !out && !questions.includes('too-much'))
    .map((line): SettledLine => {
      if (line.ingredientId !== null) return { ...line, ingredientId: line.ingredientId };
      const name = line.name === '' ? line.text : line.name;
      const id = ids.get(name) ?? `own-${crypto.randomUUID().slice(0, 13)}`;
      ids.set(name, id);
      if (!fresh.has(id)) fresh.set(id, ownLike({ ...line, name }, id, pantry));
      return { ...line, ingredientId: id };
    });
  return { settled, fresh: [...fresh.values()] };
}
