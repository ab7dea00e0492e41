import type { ShapeId } from '@ember-fold/core/plan';
import type { ReactNode } from 'react';
import type { Printer } from '../../text/printer';
import { NEW_BATCH as T } from '#text/bench/new/recipePhrases';
import { Button } from '../../ui/controls/button/Button';
import { ShapeTiles } from '../../ui/controls/choice/ShapeTiles';
import { Pick } from '../../ui/controls/choice/Pick';
import { MomentField } from '../../ui/controls/field/MomentField';
import { NameField } from '../../ui/controls/field/NameField';
import { Problem } from '../../ui/layout/Panel';
import type { ForWhom } from './useAsk';

/** What every new batch says of itself, whatever it begins with. */
export interface BatchDetails {
  readonly shape: ShapeId;
  readonly eatAt: string;
  readonly name: string;
}

interface ShapeAndWhenProps {
  readonly details: BatchDetails;
  readonly onDetails: (change: Partial<BatchDetails>) => void;
  readonly forWhom: ForWhom;
  readonly printer: Printer;
  /** How many, in the terms of what it begins with. */
  readonly children: ReactNode;
  readonly problem: string | null;
  readonly isBusy: boolean;
  readonly onPlan: (() => void) | null;
}

/** Shape, how many, when, what it is called, and the one button. */
export function ShapeAndWhen(props: ShapeAndWhenProps) {
  const { details, onDetails, forWhom, printer, children, problem, isBusy, onPlan } = props;
  const { servings } = forWhom;
  const now = servings.find(({ at }) => Date.parse(at) === Date.parse(details.eatAt));
  return (
    <>
      {children}
      <div style={{ margin: '10px 0' }}>
        {servings.length > 1 && (
          <Pick
            label={T.serving}
            value={now?.id ?? null}
            options={Object.fromEntries(servings.map(({ id, at }) => [id, printer.clock(Date.parse(at))]))}
            onChange={(id) => onDetails({ eatAt: servings.find((one) => one.id === id)!.at })}
          />
        )}
        <MomentField label={T.ready} value={details.eatAt} onChange={(eatAt) => onDetails({ eatAt })} />
      </div>
      <NameField label={T.name} value={details.name} onChange={(name) => onDetails({ name })} />
      {problem !== null && <Problem role="alert">{problem}</Problem>}
      <Button
        $look="primary"
        style={{ width: '100%', margin: '12px 0', justifyContent: 'center' }}
        isDisabled={isBusy || onPlan === null || details.name.trim() === ''}
        onPress={() => onPlan?.()}
      >
        {T.plan}
      </Button>
      <ShapeTiles label={T.shape} value={details.shape} onChange={(shape) => onDetails({ shape })} />
    </>
  );
}
