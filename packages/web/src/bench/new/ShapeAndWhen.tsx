import type { FormId } from '@ember-fold/core';
import type { ReactNode } from 'react';
import { NEW_BATCH as T } from '../../text/recipePhrases';
import { Button } from '../../ui/controls/Button';
import { FormTiles } from '../../ui/controls/FormTiles';
import { MomentField } from '../../ui/controls/MomentField';
import { NameField } from '../../ui/controls/NameField';
import { Problem } from '../../ui/controls/Panel';

/** What every new batch says of itself, whatever it begins with. */
export interface ShapeAsk {
  readonly form: FormId;
  readonly eatAt: string;
  readonly name: string;
}

interface ShapeAndWhenProps {
  readonly shape: ShapeAsk;
  readonly onShape: (change: Partial<ShapeAsk>) => void;
  /** How many, in the terms of what it begins with. */
  readonly children: ReactNode;
  readonly problem: string | null;
  readonly isBusy: boolean;
  readonly onPlan: (() => void) | null;
}

/** This evening, or tomorrow's when it is already late. */
export function nextSupper(): string {
  const at = new Date();
  if (at.getHours() >= 13) at.setDate(at.getDate() + 1);
  at.setHours(18, 30, 0, 0);
  return at.toISOString();
}

/** Form, how many, when, what it is called, and the one button. */
export function ShapeAndWhen({ shape, onShape, children, problem, isBusy, onPlan }: ShapeAndWhenProps) {
  return (
    <>
      {children}
      <div style={{ margin: '10px 0' }}>
        <MomentField label={T.ready} value={shape.eatAt} onChange={(eatAt) => onShape({ eatAt })} />
      </div>
      <NameField label={T.name} value={shape.name} onChange={(name) => onShape({ name })} />
      {problem !== null && <Problem role="alert">{problem}</Problem>}
      <Button
        $look="primary"
        style={{ width: '100%', margin: '12px 0', justifyContent: 'center' }}
        isDisabled={isBusy || onPlan === null || shape.name.trim() === ''}
        onPress={() => onPlan?.()}
      >
        {T.plan}
      </Button>
      <FormTiles label={T.form} value={shape.form} onChange={(form) => onShape({ form })} />
    </>
  );
}
