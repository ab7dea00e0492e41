import type { LedgerFigures } from '../stove/ledgerFigures.js';
import type { TrayLooks } from './looks.js';

/** What of a record is set beside others. */
export interface RecordSide {
  readonly figures: LedgerFigures;
  /** Of its first tray. */
  readonly looks: TrayLooks;
}

/** One figure over several records. */
export interface RecordRow {
  readonly what: 'pieces' | 'burst' | 'in-oil-s' | 'oil-c' | 'in-range' | 'frying-s' | 'turns' | 'crust' | 'liked';
  /** SI; shares 0–1; `null`: not known. */
  readonly values: readonly (number | null)[];
  /** Against the first, as a share of it; `null`: not known, or of no meaning. */
  readonly against: readonly (number | null)[];
}

/** Figures of which a share of the first says nothing. */
const BARE: readonly RecordRow['what'][] = ['oil-c', 'crust', 'liked', 'burst', 'in-range'];

/**
 * Records beside one another, figure by figure, each against the first; a figure that none has is left out.
 * @example compareRecords([{ figures: ledger, looks: {} }])[0].what // 'pieces'
 */
export function compareRecords(records: readonly RecordSide[]): readonly RecordRow[] {
  const cooked = ({ fried, burst }: LedgerFigures) => fried + burst;
  const of: Record<RecordRow['what'], (record: RecordSide) => number | null | undefined> = {
    pieces: ({ figures }) => cooked(figures),
    burst: ({ figures }) => (cooked(figures) > 0 ? figures.burst / cooked(figures) : null),
    'in-oil-s': ({ figures }) => figures.meanInOilS,
    'oil-c': ({ figures }) => figures.oilMeanC,
    'in-range': ({ figures }) => figures.inRangeShare,
    'frying-s': ({ figures }) => (figures.fryingS > 0 ? figures.fryingS : null),
    turns: ({ figures }) => figures.turnsPerPiece,
    crust: ({ looks }) => looks.crust,
    liked: ({ looks }) => looks.liked,
  };
  return (Object.keys(of) as RecordRow['what'][]).flatMap((what): RecordRow[] => {
    const values = records.map((record) => of[what](record) ?? null);
    if (values.every((value) => value === null)) return [];
    const [first] = values;
    const against = values.map((value, i) =>
      i === 0 || value === null || !first || BARE.includes(what) ? null : value / first - 1,
    );
    return [{ what, values, against }];
  });
}
