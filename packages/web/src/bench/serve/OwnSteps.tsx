import { OWN_PLACES, type OwnPlace, type OwnStep, RANGES } from '@ember-fold/core/plan';
import { Plus, Trash2 } from 'lucide-react';
import { styled } from 'styled-components';
import { editBatch } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { OWN as T, OWN_BEFORE, OWN_KIND } from '#text/bench/serve/ownStepPhrases';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { NameField } from '../../ui/controls/field/NameField';
import { Soft } from '../../ui/layout/Panel';
import { Pick } from '../../ui/controls/choice/Pick';
import { Actions, Sheet } from '../../ui/controls/sheet/Sheet';
import { MinutesField } from '../../ui/controls/field/MoreFields';
import { PHONE } from '../../ui/theme';

const Rows = styled.ul`
  [role='group'] {
    display: grid;
    grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr) 180px 190px 44px;
    gap: 10px;
    align-items: end;
    padding: 10px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  ${PHONE} {
    [role='group'] {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;

/** A new id of a step: short, its own within the batch. */
const newId = (): string => crypto.randomUUID().replaceAll('-', '').slice(0, 10);

const set = (field: string, edit: (steps: readonly OwnStep[]) => readonly OwnStep[]) =>
  editBatch(`own-step-${field}`, (batch) => {
    const { ownSteps = [], ...rest } = batch;
    const next = edit(ownSteps);
    return next.length === 0 ? rest : { ...rest, ownSteps: next };
  });

interface OwnStepsProps {
  readonly line: Line;
  readonly onClose: () => void;
}

/** Steps that this batch has beyond the usual ones: each in its place, with its minutes. */
export function OwnSteps({ line, onClose }: OwnStepsProps) {
  const steps = line.batch.ownSteps ?? [];
  const add = () =>
    set(newId(), (before) => [
      ...before,
      { id: newId(), name: T.newStep, kind: 'hands', lengthS: 600, before: 'fold' },
    ]);
  return (
    <Sheet title={T.title} isOpen onClose={onClose} wide>
      <Soft>{T.says}</Soft>
      <Rows>
        {steps.map((step) => (
          <Row key={step.id} step={step} />
        ))}
      </Rows>
      <Actions>
        <Button isDisabled={steps.length >= MOST} onPress={add}>
          <Plus size={16} aria-hidden />
          {T.add}
        </Button>
        <Button $look="primary" onPress={onClose}>
          {T.done}
        </Button>
      </Actions>
    </Sheet>
  );
}

const MOST = 30;
const PLACES = Object.fromEntries(OWN_PLACES.map((place) => [place, OWN_BEFORE[place]])) as Record<OwnPlace, string>;

function Row({ step }: { readonly step: OwnStep }) {
  const change = (field: string, of: Partial<OwnStep>) =>
    set(`${field}-${step.id}`, (steps) => steps.map((one) => (one.id === step.id ? { ...one, ...of } : one)));
  return (
    <li>
      <div role="group" aria-label={step.name}>
        <NameField label={T.name} value={step.name} onChange={(name) => change('name', { name })} />
        <Pick<OwnPlace>
          label={T.before}
          value={step.before}
          options={PLACES}
          onChange={(before) => change('before', { before })}
        />
        <Choice<OwnStep['kind']>
          label={T.kind}
          value={step.kind}
          options={OWN_KIND}
          onChange={(kind) => change('kind', { kind })}
        />
        <MinutesField
          label={T.takes}
          value={step.lengthS}
          {...RANGES.draft.ownStepS}
          whenNull="10:00"
          onChange={(lengthS) => change('length', { lengthS })}
          onClear={() => change('length', { lengthS: 600 })}
        />
        <Button
          $look="quiet"
          aria-label={T.remove(step.name)}
          onPress={() => set(`without-${step.id}`, (steps) => steps.filter((one) => one.id !== step.id))}
        >
          <Trash2 size={18} aria-hidden />
        </Button>
      </div>
    </li>
  );
}
