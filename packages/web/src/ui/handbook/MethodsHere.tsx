import type { FryArm, FryMethod, Kitchen, TrayDraft } from '@ember-fold/core/plan';
import { useEffect, useState } from 'react';
import { HANDBOOK as T } from '#text/learn/handbook/handbook';
import type { Printer } from '../../text/printer';
import { METHOD_NAME } from '#text/bench/fry/methodText';
import { armsLatest } from '../../workers/planClient';
import { Soft } from '../layout/Panel';
import { Table } from './Table';

const METHODS: readonly FryMethod[] = ['slow', 'rising', 'hot'];

interface MethodsHereProps {
  readonly draft: TrayDraft;
  readonly kitchen: Kitchen;
  readonly printer: Printer;
}

/** The methods of frying, worked out for the batch at hand: what each takes, and what it costs. */
export function MethodsHere({ draft, kitchen, printer: p }: MethodsHereProps) {
  const [arms, setArms] = useState<readonly (FryArm | null)[] | null>(null);
  useEffect(() => {
    let gone = false;
    armsLatest(draft, kitchen, METHODS).then(
      (found) => !gone && found && setArms(found),
      () => !gone && setArms([]),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen]);
  if (!arms) return <Soft role="status">{T.workedOut(draft.name)}</Soft>;
  const rows = METHODS.flatMap((method, i) => {
    const arm = arms[i];
    if (!arm) return [];
    const { oilC, takeOutS, totalS, oilTakenKg } = arm;
    const cells = [
      p.temp(oilC),
      takeOutS === null ? T.noMoment : p.time(takeOutS),
      totalS === null ? '–' : p.span(totalS),
      oilTakenKg === null ? '–' : p.mass(oilTakenKg),
    ];
    return [[METHOD_NAME[method], ...cells]];
  });
  if (rows.length === 0) return null;
  return (
    <>
      <Soft>{T.forBatch(draft.name)}</Soft>
      <Table label={T.forBatch(draft.name)} head={[T.way, T.oilIn, T.inTheOil, T.allLoads, T.oilEach]} rows={rows} />
    </>
  );
}
