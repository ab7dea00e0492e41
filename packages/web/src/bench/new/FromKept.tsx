import { keptBatch, type KeptFormula, storeBodyOf, type StoreFormula } from '@ember-fold/core/ledger';
import {
  DOUGH_FAMILIES,
  type Kitchen,
  newTray,
  LIMITS,
  STARTERS,
  withRaw,
  WORKED_FORMULAS,
} from '@ember-fold/core/plan';
import { useState } from 'react';
import { styled } from 'styled-components';
import { storeApi } from '../../data/api/storeApi';
import { SHAPE_WORDS } from '#text/shared/shapeWords';
import { NEW_BATCH as T, SOURCE_NAME } from '#text/bench/new/recipePhrases';
import { FAMILY_WORDS } from '#text/shared/familyWords';
import { STARTER_NAME } from '#text/shared/words';
import { Asked } from '../../ui/controls/choice/Asked';
import { Panel, Soft } from '../../ui/layout/Panel';
import { Pick } from '../../ui/controls/choice/Pick';
import { TickField } from '../../ui/controls/field/TickField';
import { PHONE } from '../../ui/theme';
import { HowMany, piecesOf } from './HowMany';
import { ShapeAndWhen } from './ShapeAndWhen';
import { useAsk } from './useAsk';
import type { NewBatchProps } from './NewBatchPage';

const Two = styled.div`
  display: grid;
  gap: 14px;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  align-items: start;
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
  h2 {
    margin-top: 14px;
    font-size: 13px;
    font-weight: 400;
    color: ${({ theme }) => theme.soft};
  }
`;

/** A formula to choose, under a key of its own. */
type Choice<Kind extends 'dough' | 'filling'> = KeptFormula<Kind> & { readonly key: string };

/** Formulas of one kind that are in use, as a batch begins with them. */
const ofKind = <Kind extends 'dough' | 'filling'>(formulas: readonly StoreFormula[], kind: Kind) =>
  formulas
    .filter(({ archived, body }) => !archived && body.kind === kind)
    .map(({ id, version, name, body }) => ({ key: id, name, body, from: { id, version } }) as unknown as Choice<Kind>);

/** What a kitchen that keeps none of its own begins with. */
const SHIPPED_DOUGHS: readonly Choice<'dough'>[] = DOUGH_FAMILIES.map(({ id }) => ({
  key: `shipped ${id}`,
  name: FAMILY_WORDS[id].name,
  from: null,
  body: { kind: 'dough', family: id, lines: WORKED_FORMULAS[id] },
}));
const shippedFillings = ({ reheatC = LIMITS.core.reheatC }: Kitchen): readonly Choice<'filling'>[] =>
  STARTERS.map(({ id }) => {
    // Where local rules reheat to another temperature, it is planned for that.
    const tray = withRaw(newTray(id, id, 12, '2030-01-05T18:30:00Z'), null, reheatC);
    const body = storeBodyOf(tray, 'filling') as KeptFormula<'filling'>['body'];
    return { key: `shipped ${id}`, name: STARTER_NAME[id], from: null, body };
  });

/** A kept dough and one or several kept fillings; of a kind that this kitchen keeps none of, the shipped ones. */
export function FromKept(props: NewBatchProps) {
  const formulas = storeApi.useFormulasQuery();
  return (
    <Asked of={formulas} what={SOURCE_NAME.kept.toLowerCase()}>
      {(list) => {
        const [doughs, fillings] = [ofKind(list, 'dough'), ofKind(list, 'filling')];
        return (
          <Choose
            {...props}
            doughs={doughs.length > 0 ? doughs : SHIPPED_DOUGHS}
            fillings={fillings.length > 0 ? fillings : shippedFillings(props.kitchen)}
            isShipped={doughs.length === 0 || fillings.length === 0}
          />
        );
      }}
    </Asked>
  );
}

interface ChooseProps extends NewBatchProps {
  readonly doughs: readonly Choice<'dough'>[];
  readonly fillings: readonly Choice<'filling'>[];
  readonly isShipped: boolean;
}

function Choose({ doughs, fillings, isShipped, kitchen, printer, forWhom, make, isBusy, problem }: ChooseProps) {
  const [doughId, setDoughId] = useState(doughs[0]!.key);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const dough = doughs.find(({ key }) => key === doughId) ?? doughs[0]!;
  const filled = fillings.filter(({ key }) => chosen.includes(key));
  const { count, details, onCount, onDetails } = useAsk(forWhom, {
    pieces: 12,
    shape: 'half-moon',
    nameOf: (shape) => `${filled[0]?.name ?? dough.name}, ${SHAPE_WORDS[shape].plural}`,
  });
  const plan = () => {
    const batch = keptBatch(
      {
        name: details.name.trim(),
        shape: details.shape,
        eatAt: details.eatAt,
        pieces: piecesOf(count),
        dough,
        fillings: filled,
        ...(count.way === 'flour' && { flourKg: count.flourKg }),
      },
      kitchen,
    );
    if (batch) void make(batch);
  };
  const names = Object.fromEntries(doughs.map(({ key, name }) => [key, name]));
  return (
    <Two>
      <Panel aria-label={SOURCE_NAME.kept}>
        <Pick label={T.dough} value={dough.key} options={names} onChange={setDoughId} />
        <h2>{T.fillings}</h2>
        {fillings.map(({ key, name }) => (
          <TickField
            key={key}
            label={name}
            value={chosen.includes(key)}
            onChange={(isOn) => setChosen((now) => (isOn ? [...now, key] : now.filter((one) => one !== key)))}
          />
        ))}
        {isShipped && <Soft>{T.shipped}</Soft>}
        {filled.length === 0 && <Soft>{T.chooseFilling}</Soft>}
        {filled.length > 1 && <Soft>{T.severalTrays}</Soft>}
      </Panel>
      <Panel>
        <ShapeAndWhen
          details={details}
          onDetails={onDetails}
          forWhom={forWhom}
          printer={printer}
          problem={problem}
          isBusy={isBusy}
          onPlan={filled.length > 0 ? plan : null}
        >
          <HowMany
            count={count}
            ways={filled.length > 1 ? ['pieces', 'guests'] : ['pieces', 'guests', 'flour']}
            onCount={onCount}
            printer={printer}
          />
        </ShapeAndWhen>
      </Panel>
    </Two>
  );
}
