import { recipeTray } from '@ember-fold/core/files';
import { type BatchDraft, batchOf, CoreError, doughEachKg, pantryOf, planCold } from '@ember-fold/core/plan';
import { FolderOpen } from 'lucide-react';
import { useMemo, useState } from 'react';
import { DropZone, type FileDropItem, FileTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { problemOf } from '../../data/api/api';
import { storeApi } from '../../data/api/storeApi';
import { mixFindingText } from '#text/bench/dough/mixFindingText';
import { plain, type Printer } from '../../text/printer';
import { NEW_BATCH as T } from '#text/bench/new/recipePhrases';
import { Button } from '../../ui/controls/button/Button';
import { Findings } from '../../ui/controls/list/Findings';
import { LongText } from '../../ui/controls/field/LongText';
import { PanelTitle, Row, Soft } from '../../ui/layout/Panel';
import { StationLayout } from '../StationLayout';
import { HowMany, recipeCount } from './HowMany';
import { RecipeLines } from './RecipeLines';
import { ShapeAndWhen } from './ShapeAndWhen';
import { useAsk } from './useAsk';
import { MOST_PAGE, pageText } from './pageText';
import { type Recipe, useRecipe } from './useRecipe';
import type { NewBatchProps } from './NewBatchPage';

/** A recipe is no longer than this, letters. */
const MOST_TEXT = 40_000;

const Paper = styled(DropZone)`
  &[data-drop-target] textarea {
    outline: 3px solid ${({ theme }) => theme.know};
  }
  textarea {
    min-height: 300px;
    background: #fffdf4;
    line-height: 1.5;
  }
`;

const Under = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  button {
    padding: 0;
  }
`;

/** The recipe as it stands, what was understood of it, and what it makes. */
export function FromPaper({ kitchen, printer, forWhom, make, isBusy, problem }: NewBatchProps) {
  const recipe = useRecipe(kitchen);
  const facts = recipe.facts;
  const said = facts.find(({ kind }) => kind === 'pieces');
  const { count, details, onCount, onDetails } = useAsk(forWhom, {
    pieces: said ? Math.round(said.most) : 12,
    shape: 'half-moon',
    nameOf: () => recipe.read?.title ?? T.ownName,
  });
  // A day that is chosen changes no figure of dough and filling.
  const { eatAt } = forWhom;
  const { settled, lines } = recipe;
  const { shape, name } = details;
  const isEmpty = lines.length === 0;
  const isAsked = lines.some(({ questions }) => questions.includes('too-much'));
  const { made, cold, isOdd } = useMemo(() => {
    const none = { made: null, cold: null, isOdd: false };
    // Without an amount that is still asked about it would be another recipe.
    if (isEmpty || isAsked) return none;
    const ask = { name: name.trim() || T.ownName, shape, eatAt, lines: settled, facts, count: recipeCount(count) };
    try {
      const tray = recipeTray(ask, recipe.kitchen);
      return { made: tray, cold: tray && planCold(tray.draft, recipe.kitchen), isOdd: false };
    } catch (cause) {
      // What is written cannot be planned as it stands: it is said, and nothing typed is lost.
      if (cause instanceof CoreError) return { ...none, isOdd: true };
      throw cause;
    }
  }, [isEmpty, isAsked, name, shape, eatAt, settled, facts, recipe.kitchen, count]);
  const [saveIngredient] = storeApi.useSaveIngredientMutation();
  const [failed, setFailed] = useState<string | null>(null);
  const plan = async () => {
    if (!made) return;
    setFailed(null);
    for (const ingredient of recipe.fresh) {
      const answer = await saveIngredient({ version: 0, ingredient });
      if ('error' in answer && answer.error) return setFailed(problemOf(answer.error).message);
    }
    const draft: BatchDraft = batchOf({ ...made.draft, eatAt: details.eatAt });
    if (await make(draft)) recipe.clear();
  };
  return (
    <StationLayout
      controls={<Written recipe={recipe} />}
      drawing={
        <>
          <RecipeLines recipe={recipe} pantry={pantryOf(recipe.kitchen)} printer={printer} />
          {made?.added.includes('dough') && <p role="status">{T.noFlour}</p>}
          {made?.added.includes('no-filling') && <p role="status">{T.noFilling}</p>}
          {cold && (
            <Findings
              findings={[...cold.dough.findings, ...cold.filling.findings].filter(
                ({ tone }) => tone !== 'know' && tone !== 'good',
              )}
              printer={printer}
              say={mixFindingText}
            />
          )}
        </>
      }
      findings={
        <ShapeAndWhen
          details={details}
          onDetails={onDetails}
          forWhom={forWhom}
          printer={printer}
          problem={failed ?? problem}
          isBusy={isBusy}
          onPlan={made ? () => void plan() : null}
        >
          <HowMany count={count} ways={['pieces', 'guests', 'roll', 'scale']} onCount={onCount} printer={printer} />
          <Soft role="status">
            {count.way === 'scale'
              ? T.scales(plain(made?.factor ?? 1, 2))
              : count.way === 'roll'
                ? T.staysRolled
                : T.stays}
          </Soft>
          {made && <Makes made={made.draft} printer={printer} />}
          {!made && !isEmpty && <p role="alert">{isAsked ? T.asked : isOdd ? T.odd : T.notOne}</p>}
        </ShapeAndWhen>
      }
    />
  );
}

/** What comes out of it: how many, and what each of them weighs and measures. */
function Makes({
  made,
  printer,
}: {
  readonly made: Parameters<typeof doughEachKg>[0] & { readonly pieces: number };
  readonly printer: Printer;
}) {
  const { fold, pieces } = made;
  const rows = [
    [T.makes, T.pieces(pieces)],
    [T.eachIs, T.each(printer.mass(doughEachKg(made)), printer.mass(fold.fillingEachKg))],
    [T.blank, `${printer.length(fold.discM)}, ${printer.length(fold.thicknessM)}`],
  ] as const;
  return (
    <>
      {rows.map(([name, value]) => (
        <Row key={name}>
          <span>{name}</span>
          <strong>{value}</strong>
        </Row>
      ))}
    </>
  );
}

/** The paper: typed, pasted, or out of a file. */
function Written({ recipe }: { readonly recipe: Recipe }) {
  const { text, setText, clear, lines, read } = recipe;
  const put = (next: string) => setText(pageText(next).slice(0, MOST_TEXT));
  const take = async (file: File | undefined) => {
    // A longer file is no recipe: its beginning is read.
    if (file) put(await file.slice(0, 4 * MOST_PAGE).text());
  };
  const open = lines.filter(({ isOpen }) => isOpen).length;
  return (
    <>
      <PanelTitle>{T.typeIt}</PanelTitle>
      <Paper
        aria-label={T.dropHere}
        onDrop={({ items }) => {
          const dropped = items.find((item): item is FileDropItem => item.kind === 'file');
          if (dropped) void dropped.getFile().then(take);
        }}
      >
        <LongText label={T.recipe} value={text} onChange={put} most={MOST_TEXT} />
      </Paper>
      <Under>
        <FileTrigger
          acceptedFileTypes={[
            'text/plain',
            'text/markdown',
            'application/json',
            'text/html',
            '.txt',
            '.md',
            '.json',
            '.html',
            '.htm',
          ]}
          onSelect={(files) => void take(files?.[0])}
        >
          <Button $look="quiet">
            <FolderOpen size={16} aria-hidden />
            {T.chooseFile}
          </Button>
        </FileTrigger>
        {text !== '' && (
          <Button $look="quiet" onPress={clear}>
            {T.clear}
          </Button>
        )}
      </Under>
      <p role="status">{read && lines.length > 0 ? T.read(lines.length, open) : ''}</p>
      <Soft>{text === '' ? T.example : T.cups}</Soft>
    </>
  );
}
