import { plural } from '../shared/plural';
import type { LedgerFigures, TrayRecord } from '@ember-fold/core/ledger';
import type { TrayDraft } from '@ember-fold/core/plan';
import { plain, type Printer } from '../../printer';
import { TURN_NAME } from '../shared/words';

interface LedgerRow {
  readonly name: string;
  readonly planned: string;
  readonly happened: string;
}

/** The inside, as it was asked: safe where something asks that, else how hot. Old records say nothing of it. */
function insideRow({ cores }: TrayRecord['figures'], { safeC, biteC }: TrayRecord['planned'], p: Printer): LedgerRow {
  const probed = cores?.probed ?? 0;
  const leastC = cores?.leastC ?? null;
  const seen =
    leastC === null
      ? 'not probed'
      : `${plural(probed, 'one piece', `${probed} pieces`)} probed, the coldest at ${p.temp(leastC)}`;
  if (safeC === null) {
    return {
      name: 'Filling hot',
      planned: biteC === null ? 'no filling' : `${p.temp(biteC)} at the first bite`,
      happened: seen,
    };
  }
  const verdict = leastC === null ? '' : leastC < safeC ? ': not safe' : ': safe';
  return { name: 'Filling safe', planned: `${p.temp(safeC)} in the middle`, happened: `${seen}${verdict}` };
}

/** Planned and actual figures of one tray, row by row. */
export function plannedAndHappened(
  draft: Pick<TrayDraft, 'pieces' | 'fry'>,
  { figures, planned }: Pick<TrayRecord, 'figures' | 'planned'>,
  p: Printer,
): readonly LedgerRow[] {
  const temp = (c: number | null) => (c === null ? 'not measured' : p.temp(c));
  const range =
    figures.oilLeastC === null || figures.oilMostC === null
      ? ''
      : `, ${Math.round(p.degrees(figures.oilLeastC))} to ${p.temp(figures.oilMostC)}`;
  return [
    {
      name: 'Pieces',
      planned: String(draft.pieces),
      happened: `${figures.fried} whole, ${figures.burst} burst${figures.aside > 0 ? `, ${figures.aside} finished in the oven` : ''}`,
    },
    {
      name: 'Oil',
      planned: temp(draft.fry.oilC),
      happened: figures.oilMeanC === null ? 'not measured' : `${temp(figures.oilMeanC)} on average${range}`,
    },
    {
      name: 'In its range',
      planned: `${Math.round(p.degrees(figures.range.least))} to ${p.temp(figures.range.most)}`,
      happened: figures.inRangeShare === null ? 'not measured' : `${p.percent(figures.inRangeShare)} of the time`,
    },
    {
      name: 'In the oil',
      planned: planned.inOilS === null ? 'no right moment' : p.time(planned.inOilS),
      happened:
        figures.meanInOilS === null
          ? 'none came out whole'
          : `${p.time(figures.meanInOilS)} on average${figures.ordered ? `; the stove said ${p.time(figures.ordered.orderedInOilS)}` : ''}`,
    },
    insideRow(figures, planned, p),
    {
      name: 'Loads',
      planned:
        planned.loads === null
          ? 'none'
          : planned.everyS === null
            ? `${planned.loads} of ${planned.loadSize} in ${p.span(planned.fryingS ?? 0)}`
            : `one every ${p.time(planned.everyS)}, ${p.span(planned.fryingS ?? 0)}`,
      happened: `${figures.loads} in ${p.span(figures.fryingS)}`,
    },
    {
      name: 'Turned',
      planned:
        planned.turns === null || planned.turns === 1
          ? TURN_NAME[draft.fry.turn]
          : `${planned.turns} times, ${TURN_NAME[draft.fry.turn]}`,
      happened:
        figures.turnsPerPiece === null
          ? 'not measured'
          : plural(figures.turnsPerPiece, 'once each', `${plain(figures.turnsPerPiece)} times each`),
    },
  ];
}

/** How many pieces of a finished batch were fried, burst, baked and stored. */
export function cameOutText({ fried, burst, baked = 0, stored = 0, loads }: LedgerFigures): string {
  const parts = [
    ...(loads > 0 || (baked === 0 && stored === 0) ? [`${fried} fried`] : []),
    ...(burst > 0 ? [`${burst} burst`] : []),
    ...(baked > 0 ? [`${baked} baked`] : []),
    ...(stored > 0 ? [`${stored} stored`] : []),
  ];
  return parts.join(', ');
}
