import { BENCH_SHEETS as T } from '#text/bench/benchSheetPhrases';
import { type Limit, roundFormula, withRounding } from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { editKitchen } from '../data/draft/editKitchen';
import { useEdit } from '../data/draft/useEdit';
import { type Line, usePantry } from '../data/draft/useLine';
import { Button } from '../ui/controls/button/Button';
import { Choice } from '../ui/controls/choice/Choice';
import { Soft } from '../ui/layout/Panel';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';

const Rows = styled.ul`
  margin-top: 8px;
  li {
    display: flex;
    gap: 10px;
    padding: 6px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
    font-variant-numeric: tabular-nums;
  }
  span {
    flex: 1;
  }
`;

/** Steps kitchen scales show, g. */
const STEPS = ['0.1', '1', '2', '5'] as const;
type Step = (typeof STEPS)[number];

interface RoundSheetProps {
  readonly of: Limit['of'];
  readonly line: Line;
  readonly onClose: () => void;
}

/** What scale, cups and spoons can do; no ratio moves by more than 1 %. */
export function RoundSheet({ of, line, onClose }: RoundSheetProps) {
  const edit = useEdit();
  const pantry = usePantry();
  const { draft, kitchen, printer } = line;
  const { units, measures, scaleStepKg = 0.001 } = kitchen;
  const tools = { units, measures, scaleStepKg };
  const { lines } = draft[of];
  const rounded = roundFormula(lines, tools, pantry);
  const unmeasured = rounded.unmeasured.map((i) => pantry.find(lines[i]!.ingredientId).name.toLowerCase());
  const step = STEPS.find((key) => Math.abs(Number(key) / 1000 - scaleStepKg) < 1e-9) ?? '1';
  const print = (ingredientId: string, kg: number) => printer.measure(kg, pantry.find(ingredientId).densityKgPerM3);
  return (
    <Sheet title={T.roundThe(of)} isOpen onClose={onClose}>
      <Soft>{T.noTwoIngredientsMoveAgainst}</Soft>
      <Choice<Step>
        label={T.theScaleShowsStepsOf}
        value={step}
        options={Object.fromEntries(STEPS.map((g) => [g, printer.mass(Number(g) / 1000)])) as Record<Step, string>}
        onChange={(next) => editKitchen((now) => ({ ...now, scaleStepKg: Number(next) / 1000 }))}
      />
      <Rows aria-label={T.rounded}>
        {lines.map(({ ingredientId, massKg }, i) => (
          <li key={`${ingredientId} ${i}`}>
            <span>{pantry.find(ingredientId).name}</span>
            <Soft as="span" style={{ textAlign: 'right' }}>
              {print(ingredientId, massKg)}
            </Soft>
            <strong>{print(ingredientId, rounded.lines[i]!.massKg)}</strong>
          </li>
        ))}
      </Rows>
      {unmeasured.length > 0 && <p role="status">{T.tooLittleForTheseTools(unmeasured.join(', '))}</p>}
      <Actions>
        <Button onPress={onClose}>{T.leaveIt}</Button>
        <Button
          $look="primary"
          onPress={() => {
            edit(`${of}.round`, (d, known) => withRounding(d, of, tools, known));
            onClose();
          }}
        >
          {T.roundIt}
        </Button>
      </Actions>
    </Sheet>
  );
}
