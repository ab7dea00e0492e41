import { keptBatch, type KeptFormula, type StoreFormula } from '@ember-fold/core';
import { useState } from 'react';
import { styled } from 'styled-components';
import { storeApi } from '../../data/storeApi';
import { FORM_PLURAL } from '../../text/formWords';
import { NEW_BATCH as T, SOURCE_NAME } from '../../text/recipePhrases';
import { Asked } from '../../ui/controls/Asked';
import { Panel, Soft } from '../../ui/controls/Panel';
import { Pick } from '../../ui/controls/Pick';
import { TickField } from '../../ui/controls/TickField';
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

/** Formulas of one kind that are in use, as a batch begins with them. */
const ofKind = <Kind extends 'dough' | 'filling'>(formulas: readonly StoreFormula[], kind: Kind) =>
  formulas
    .filter(({ archived, body }) => !archived && body.kind === kind)
    .map(({ id, version, name, body }) => ({ name, body, from: { id, version } }) as unknown as KeptFormula<Kind>);

/** A kept dough and one or several kept fillings. */
export function FromKept(props: NewBatchProps) {
  const formulas = storeApi.useFormulasQuery();
  return (
    <Asked of={formulas} what={SOURCE_NAME.kept.toLowerCase()}>
      {(list) => {
        const [doughs, fillings] = [ofKind(list, 'dough'), ofKind(list, 'filling')];
        if (doughs.length === 0) {
          return (
            <Panel>
              <Soft>{T.noFormulas}</Soft>
            </Panel>
          );
        }
        return <Choose {...props} doughs={doughs} fillings={fillings} />;
      }}
    </Asked>
  );
}

interface ChooseProps extends NewBatchProps {
  readonly doughs: readonly KeptFormula<'dough'>[];
  readonly fillings: readonly KeptFormula<'filling'>[];
}

function Choose({ doughs, fillings, kitchen, printer, forWhom, make, isBusy, problem }: ChooseProps) {
  const [doughId, setDoughId] = useState(doughs[0]!.from.id);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const dough = doughs.find(({ from }) => from.id === doughId) ?? doughs[0]!;
  const filled = fillings.filter(({ from }) => chosen.includes(from.id));
  const { count, shape, onCount, onShape } = useAsk(forWhom, {
    ...{ pieces: 12, form: 'half-moon' },
    nameOf: (form) => `${filled[0]?.name ?? dough.name}, ${FORM_PLURAL[form]}`,
  });
  const plan = () => {
    const batch = keptBatch(
      {
        ...{
          name: shape.name.trim(),
          form: shape.form,
          eatAt: shape.eatAt,
          pieces: piecesOf(count),
          dough,
          fillings: filled,
        },
        ...(count.way === 'flour' && { flourKg: count.flourKg }),
      },
      kitchen,
    );
    if (batch) void make(batch);
  };
  const names = Object.fromEntries(doughs.map(({ from, name }) => [from.id, name]));
  return (
    <Two>
      <Panel aria-label={SOURCE_NAME.kept}>
        <Pick label={T.dough} value={dough.from.id} options={names} onChange={setDoughId} />
        <h2>{T.fillings}</h2>
        {fillings.map(({ from, name }) => (
          <TickField
            key={from.id}
            label={name}
            value={chosen.includes(from.id)}
            onChange={(isOn) => setChosen((now) => (isOn ? [...now, from.id] : now.filter((id) => id !== from.id)))}
          />
        ))}
        {filled.length === 0 && <Soft>{T.chooseFilling}</Soft>}
        {filled.length > 1 && <Soft>{T.severalTrays}</Soft>}
      </Panel>
      <Panel>
        <ShapeAndWhen
          shape={shape}
          onShape={onShape}
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
