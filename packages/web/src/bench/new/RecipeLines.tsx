import { Row } from '../../ui/layout/layout';
import type { RecipePart } from '@ember-fold/core/files';
import { type Pantry, searchIngredients } from '@ember-fold/core/plan';
import { Check, CircleHelp } from 'lucide-react';
import { useCallback, useState } from 'react';
import { styled } from 'styled-components';
import { plain, type Printer } from '../../text/printer';
import { NEW_BATCH as T, PART_NAME, questionText } from '#text/bench/new/recipePhrases';
import { Button } from '../../ui/controls/button/Button';
import { PanelTitle, Soft } from '../../ui/layout/Panel';
import { Pick } from '../../ui/controls/choice/Pick';
import { Search } from '../../ui/controls/field/Search';
import { GramField } from '../../ui/controls/field/UnitFields';
import { figureFont } from '../../ui/theme';
import type { Mend, MendedLine, Recipe } from './useRecipe';
import { LATER } from '#text/shared/laterPhrases';

const PARTS: readonly RecipePart[] = ['dough', 'filling', 'coating', 'glaze', 'frying'];
const MOST_KG = 20;

const Group = styled.section`
  margin-bottom: 12px;
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
  }
  h3 {
    ${figureFont}
    font-size: 16px;
  }
  b {
    ${figureFont}
    font-size: 16px;
    color: ${({ theme }) => theme.soft};
  }
`;

const Line = styled.li<{ $open: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 34px;
  gap: 0 12px;
  align-items: center;
  padding: 5px 8px;
  margin: 0 -8px;
  border-top: 1px solid ${({ theme }) => theme.line};
  border-radius: ${({ $open }) => ($open ? '8px' : 0)};
  background: ${({ theme, $open }) => ($open ? theme.well : 'transparent')};
  > button:first-child {
    justify-content: flex-start;
    min-height: 44px;
    padding: 0;
    text-align: left;
    color: inherit;
    font-weight: 400;
  }
  strong,
  small {
    display: block;
  }
  strong {
    font-size: 15.5px;
  }
  small {
    font-size: 13px;
    font-weight: 400;
    color: ${({ theme }) => theme.soft};
  }
  .figure {
    text-align: right;
    ${figureFont}
    font-size: 18px;
  }
  > svg {
    justify-self: center;
  }
  > div {
    grid-column: 1 / -1;
  }
`;

const Asks = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: center;
  font-size: 14px;
  button {
    padding: 0;
  }
`;

const Editor = styled.div`
  display: grid;
  gap: 8px;
  padding: 6px 0 10px;
`;

interface RecipeLinesProps {
  readonly recipe: Recipe;
  readonly pantry: Pantry;
  readonly printer: Printer;
}

/** Every line as it was understood, under the part it belongs to; each is changed in its place. */
export function RecipeLines({ recipe, pantry, printer }: RecipeLinesProps) {
  const { lines, read } = recipe;
  const parts = PARTS.filter((part) => lines.some((line) => line.part === part));
  return (
    <>
      <PanelTitle>{T.understood}</PanelTitle>
      {lines.length === 0 && <Soft>{T.nothingYet}</Soft>}
      {parts.map((part) => (
        <Part key={part} part={part} recipe={recipe} pantry={pantry} printer={printer} />
      ))}
      {read && read.facts.length > 0 && (
        <Soft>
          {T.method}: {read.facts.map(({ text }) => text).join(', ')}.
        </Soft>
      )}
      {read && read.unread.length > 0 && (
        <details>
          <summary>{`${T.notRead}: ${read.unread.length}`}</summary>
          <ul>
            {read.unread.map((line, i) => (
              <li key={i}>{line}</li>
            ))}
          </ul>
        </details>
      )}
      {read?.cutAfter != null && <p role="alert">{T.cut(read.cutAfter)}</p>}
    </>
  );
}

function Part({ part, recipe, pantry, printer }: RecipeLinesProps & { readonly part: RecipePart }) {
  const lines = recipe.lines.filter((line) => line.part === part);
  // An amount that is still asked about is part of no sum.
  const used = lines.filter(({ out, questions }) => !out && !questions.includes('too-much'));
  const sum = (of: 'massKg' | 'leastKg' | 'mostKg') => used.reduce((all, line) => all + (line[of] ?? 0), 0);
  const massKg = sum('massKg');
  const spread = massKg > 0 ? (sum('mostKg') - sum('leastKg')) / (2 * massKg) : 0;
  const isFlour = ({ ingredientId }: MendedLine) => ingredientId !== null && pantry.find(ingredientId).role === 'flour';
  const flourKg =
    part === 'dough' ? used.reduce((all, line) => (isFlour(line) ? all + (line.massKg ?? 0) : all), 0) : 0;
  return (
    <Group aria-label={PART_NAME[part]}>
      <header>
        <h3>{T.asWritten(PART_NAME[part])}</h3>
        <b>
          {printer.mass(massKg)} {spread >= 0.005 && T.spread(printer.percent(spread))}
        </b>
      </header>
      <ul>
        {lines.map((line) => (
          <RecipeRow
            key={line.key}
            line={line}
            share={flourKg > 0 && line.massKg !== null ? line.massKg / flourKg : null}
            pantry={pantry}
            printer={printer}
            onMend={(change) => recipe.mend(line.key, change)}
          />
        ))}
      </ul>
    </Group>
  );
}

interface RecipeRowProps {
  readonly line: MendedLine;
  /** Of the flour; `null`: not said. */
  readonly share: number | null;
  readonly pantry: Pantry;
  readonly printer: Printer;
  readonly onMend: (change: Mend) => void;
}

function RecipeRow({ line, share, pantry, printer, onMend }: RecipeRowProps) {
  const [isEdited, setEdited] = useState(false);
  const { ingredientId, like, out, isOpen, questions, massKg } = line;
  const name = ingredientId === null ? line.name || line.text : pantry.find(ingredientId).name;
  const nearest = ingredientId ?? like;
  const nearName = nearest === null ? '' : pantry.find(nearest).name;
  const isNew = ingredientId === null && questions.some((one) => one === 'like-another' || one === 'not-known');
  const figure = out
    ? T.leftOut
    : massKg === null
      ? questions.includes('to-taste')
        ? T.byTaste
        : '?'
      : printer.mass(massKg);
  return (
    <Line $open={isOpen}>
      <Button $look="quiet" aria-expanded={isEdited} aria-label={T.change(name)} onPress={() => setEdited(!isEdited)}>
        <span>
          <strong>{name}</strong>
          <small>
            {line.text}
            {line.taken ? ` · ${T.taken}` : ''}
          </small>
        </span>
      </Button>
      <span className="figure">
        {figure}
        {share !== null && !out && <small>{T.ofFlour(`${plain(100 * share)} %`)}</small>}
      </span>
      {isOpen ? <CircleHelp size={20} aria-hidden /> : <Check size={20} aria-hidden />}
      {questions.length > 0 && (
        <Asks>
          <span>{questions.map((question) => questionText(question, nearName)).join(' ')}</span>
          {isNew && (
            <Button $look="quiet" onPress={() => onMend({ taken: true })}>
              {T.takeIt}
            </Button>
          )}
          {questions.includes('near-name') && ingredientId !== null && (
            <Button $look="quiet" onPress={() => onMend({ ingredientId })}>
              {nearName}
            </Button>
          )}
        </Asks>
      )}
      {isEdited && (
        <LineEditor line={line} pantry={pantry} printer={printer} onMend={onMend} onClose={() => setEdited(false)} />
      )}
    </Line>
  );
}

/** What a line is, what it weighs, where it belongs; or that it is left out. */
function LineEditor({
  line,
  pantry,
  printer,
  onMend,
  onClose,
}: Omit<RecipeRowProps, 'share'> & { readonly onClose: () => void }) {
  const find = useCallback(
    (text: string) =>
      searchIngredients(text, pantry.all)
        .slice(0, 40)
        .map(({ ingredient: { id, name }, calledAs }) => ({ id, name: LATER.calledAs(name, calledAs) })),
    [pantry],
  );
  return (
    <Editor>
      <Search label={T.itIs} find={find} onPick={(ingredientId) => onMend({ ingredientId })} />
      <GramField
        label={T.weighs}
        value={line.massKg ?? 0}
        least={0}
        most={MOST_KG}
        printer={printer}
        onChange={(massKg) => onMend({ massKg })}
      />
      <Pick<RecipePart>
        label={T.belongsTo}
        value={line.part}
        options={PART_NAME}
        onChange={(part) => onMend({ part })}
      />
      <Row $gap="8px 12px">
        <Button onPress={() => onMend({ out: !line.out })}>{line.out ? T.putBack : T.leaveOut}</Button>
        <Button onPress={onClose}>{T.ok}</Button>
      </Row>
    </Editor>
  );
}
