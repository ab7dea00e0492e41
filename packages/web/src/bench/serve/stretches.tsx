import type { BatchDraft } from '@ember-fold/core/plan';
import type { ChainStep, DayPlan, DayEntry } from '@ember-fold/core/supper';
import { styled } from 'styled-components';
import { figureFont } from '../../ui/theme';
import { entryName, stepInDay } from '#text/table/dayPlanPhrases';
import { STEP_NAME } from '#text/shared/words';
import { fillingName, trayNames } from '#text/bench/trayText';
import { TRAY_SHEET } from '#text/bench/traySheetPhrases';

export const Chain = styled.ol`
  li {
    display: grid;
    grid-template-columns: 64px 168px minmax(0, 1fr);
    align-items: center;
    gap: 10px;
    min-height: 46px;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  time {
    ${figureFont}
    font-size: 19px;
  }
  small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  @media (max-width: 480px) {
    li {
      grid-template-columns: 58px minmax(0, 1fr);
    }
    .track {
      grid-column: 1 / -1;
      margin-bottom: 8px;
    }
  }
`;

export const Track = styled.div`
  position: relative;
  height: 16px;
  border-radius: 8px;
  background: ${({ theme }) => theme.well};
  i {
    position: absolute;
    top: 0;
    bottom: 0;
    min-width: 4px;
    border-radius: 8px;
  }
  i[data-kind='hands'] {
    background: ${({ theme }) => theme.action};
  }
  i[data-kind='passive'] {
    background: repeating-linear-gradient(
      -45deg,
      ${({ theme }) => theme.know} 0 5px,
      ${({ theme }) => theme.well} 5px 8px
    );
  }
`;

/** A task as it is listed. */
export interface Stretch {
  readonly key: string;
  readonly name: string;
  readonly kind: ChainStep['kind'];
  readonly startMs: number;
  readonly endMs: number;
}

/** The batch's own way to the table. */
export function ownStretches(steps: readonly ChainStep[], batch: BatchDraft): Stretch[] {
  const names = trayNames(batch);
  return steps.map(({ id, mark, portion: load, own, kind, startMs, endMs }) => {
    const isFilling = id === 'filling' || id === 'cool';
    const of = mark === undefined ? '' : isFilling ? fillingName(batch, mark) : names.get(mark);
    const named = own ? own.name : of ? `${STEP_NAME[id]}, ${of}` : STEP_NAME[id];
    const name = own || load === undefined ? named : TRAY_SHEET.load(named, load);
    return { key: `${id} ${own?.id ?? ''} ${mark ?? ''} ${load ?? ''}`, name, kind, startMs, endMs };
  });
}

/** The batch’s stretches as the day plan of its supper has them. */
export function dayStretches({ entries, rests }: DayPlan, batchId: string): Stretch[] {
  const of = (one: { readonly batchId: string | null }) => one.batchId === batchId;
  const isTable = (entry: DayEntry) => entry.id.startsWith('table ');
  const work = entries.flatMap((entry): Stretch[] => {
    if (isTable(entry)) return [{ ...entry, key: entry.id, name: entryName(entry), kind: 'hands' }];
    if (entry.pot === null) return entry.batchId === batchId ? [stretchOf(entry, entryName(entry))] : [];
    return entry.steps
      .filter((step) => of(step) && step.lengthS > 0)
      .map((step) => stretchOf({ ...step, id: step.what, cook: 0 }, stepInDay(step)));
  });
  const alone = rests
    .filter((rest) => of(rest) && rest.endMs > rest.startMs)
    .map(({ step, startMs, endMs }): Stretch => {
      const name = stepInDay({ batchId, what: step.what, step, fromS: 0, lengthS: 0, startMs, endMs });
      return { key: step.id, name, kind: 'passive', startMs, endMs };
    });
  return [...work, ...alone].sort((a, b) => a.startMs - b.startMs);
}

export const stretchOf = (
  { id, cook, startMs, endMs }: Pick<DayEntry, 'id' | 'cook' | 'startMs' | 'endMs'>,
  name: string,
): Stretch => ({ key: id, name, kind: cook === null ? 'passive' : 'hands', startMs, endMs });
