import { STORE as T } from '#text/store/storePhrases';
import type { FormulaBody } from '@ember-fold/core/ledger';
import {
  doughFigures,
  doughFindings,
  type DoughFamilyId,
  fillingFigures,
  type FillingMethod,
  type FormulaTotals,
  LIMITS,
  RANGES,
  withLinesAsked,
  withRawSaid,
} from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { useKitchen, usePantry } from '../data/draft/useLine';
import { PHONE } from '../ui/theme';
import { mixFindingText } from '#text/bench/dough/mixFindingText';
import { Findings } from '../ui/controls/list/Findings';
import { FormulaTable } from '../ui/controls/list/FormulaTable';
import { Row, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { RawPick } from '../ui/controls/choice/RawPick';
import { PercentField } from '../ui/controls/field/MoreFields';
import { StiffnessDial } from '../ui/drawing/StiffnessDial';
import { plain, type Printer } from '../text/printer';
import { familyNames } from '#text/shared/familyWords';
import { ALLERGEN_NAME, DIET_NAME, METHOD_NAME, PART_NAMES } from '#text/shared/words';

const Two = styled.div`
  margin-top: 4px;
  table {
    margin-top: 6px;
  }
  display: grid;
  grid-template-columns: minmax(0, 1fr) 270px;
  gap: 20px;
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

type Of<K extends FormulaBody['kind']> = Extract<FormulaBody, { readonly kind: K }>;

interface EditorProps<K extends FormulaBody['kind']> {
  readonly body: Of<K>;
  readonly printer: Printer;
  readonly onBody: (body: FormulaBody) => void;
}

/** A formula as it is made: its lines, and what follows from them. */
export function FormulaBodyEditor({ body, onBody }: Omit<EditorProps<FormulaBody['kind']>, 'printer'>) {
  const known = useKitchen();
  if (!known) return null;
  const { printer } = known;
  switch (body.kind) {
    case 'dough':
      return <DoughBody body={body} printer={printer} onBody={onBody} />;
    case 'filling':
      return <FillingBody body={body} printer={printer} onBody={onBody} />;
    case 'base':
      return <BaseBody body={body} printer={printer} onBody={onBody} />;
    default: {
      const never: never = body;
      return never;
    }
  }
}

/** Cost, diet and allergens: the same for every kind. */
function Totals({
  totals,
  madeKg,
  printer,
}: {
  readonly totals: FormulaTotals;
  readonly madeKg: number;
  readonly printer: Printer;
}) {
  if (!(madeKg > 0)) return <Soft>{T.nothingInItYetAdd}</Soft>;
  const allergens = totals.allergens.map((allergen) => ALLERGEN_NAME[allergen]);
  return (
    <>
      <Row>
        <span>{T.makes}</span>
        <strong>{printer.mass(madeKg)}</strong>
      </Row>
      <Row>
        <span>{T.costs(printer.soldBy.name)}</span>
        <strong>{printer.money((printer.soldBy.kg * totals.cost) / madeKg)}</strong>
      </Row>
      <Row>
        <span>{T.fits}</span>
        <strong>{DIET_NAME[totals.diet]}</strong>
      </Row>
      <Soft>{allergens.length > 0 ? T.contains(allergens.join(', ')) : T.noneOfTheFourteen}</Soft>
    </>
  );
}

function DoughBody({ body, printer, onBody }: EditorProps<'dough'>) {
  const pantry = usePantry();
  const figures = doughFigures(body.lines, body.family, { pantry, onHeat: body.onHeat });
  const { secondPart } = figures.family;
  return (
    <Two>
      <div>
        <Pick<DoughFamilyId>
          label={T.family}
          value={body.family}
          options={familyNames()}
          onChange={(family) => onBody({ ...body, family })}
        />
        <FormulaTable
          kind="dough"
          lines={body.lines}
          percents={figures.linePercents}
          partNames={secondPart && PART_NAMES[secondPart]}
          family={body.family}
          printer={printer}
          onLines={(_field, change) => onBody({ ...body, lines: change(body.lines) })}
        />
      </div>
      <div>
        <StiffnessDial stiffness={figures.stiffness} range={figures.stiffnessRange} />
        <Totals totals={figures.totals} madeKg={figures.massKg} printer={printer} />
        <Findings
          findings={doughFindings(figures, body.lines, pantry).filter((f) => f.tone !== 'know')}
          printer={printer}
          say={mixFindingText}
        />
      </div>
    </Two>
  );
}

function FillingBody({ body, printer, onBody }: EditorProps<'filling'>) {
  const pantry = usePantry();
  const reheatC = useKitchen()?.kitchen.reheatC ?? LIMITS.core.reheatC;
  const { method = 'pan' } = body;
  const figures = fillingFigures(body.lines, body.cookToShare, 0, { pantry, method });
  return (
    <Two>
      <FormulaTable
        kind="filling"
        lines={body.lines}
        percents={figures.linePercents}
        printer={printer}
        onLines={(_field, change) => onBody(withLinesAsked(body, change(body.lines), pantry, reheatC))}
      />
      <div>
        <Pick<FillingMethod>
          label={T.itsWaterIs}
          value={method}
          options={METHOD_NAME}
          onChange={(next) => onBody({ ...body, method: next })}
        />
        <Row>
          <PercentField
            label={T.cookDownTo}
            value={body.cookToShare}
            {...RANGES.draft.cookToShare}
            onChange={(cookToShare) => onBody({ ...body, cookToShare })}
          />
        </Row>
        <RawPick filling={body} onSay={(raw) => onBody(withRawSaid(body, raw, reheatC))} />
        <Row>
          <span>{T.saltWhenCooked}</span>
          <strong>{`${plain(figures.saltPercent, 2)} %`}</strong>
        </Row>
        <Row>
          <span>{T.freeLiquid}</span>
          <strong>{printer.mass(figures.freeKg)}</strong>
        </Row>
        <Totals totals={figures.totals} madeKg={figures.targetKg} printer={printer} />
      </div>
    </Two>
  );
}

function BaseBody({ body, printer, onBody }: EditorProps<'base'>) {
  const pantry = usePantry();
  const figures = fillingFigures(body.lines, body.cookToShare, 0, { pantry });
  return (
    <Two>
      <FormulaTable
        kind="base"
        lines={body.lines}
        percents={figures.linePercents}
        printer={printer}
        onLines={(_field, change) => onBody({ ...body, lines: change(body.lines) })}
      />
      <div>
        <Row>
          <PercentField
            label={T.cookDownTo}
            value={body.cookToShare}
            {...RANGES.draft.cookToShare}
            onChange={(cookToShare) => onBody({ ...body, cookToShare })}
          />
        </Row>
        <Row>
          <span>{T.waterWhenMade}</span>
          <strong>{`${plain(100 * figures.waterShare)} %`}</strong>
        </Row>
        <Row>
          <span>{T.saltWhenMade}</span>
          <strong>{`${plain(figures.saltPercent, 2)} %`}</strong>
        </Row>
        <Totals totals={figures.totals} madeKg={figures.targetKg} printer={printer} />
      </div>
    </Two>
  );
}
