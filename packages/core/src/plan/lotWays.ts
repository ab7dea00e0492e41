import type { TrayDraft } from '../draft/draft.js';
import { type FryArm, fryArm } from './fryArms.js';
import type { Pot, Kitchen } from '../draft/kitchen.js';

/** Other ways to divide a batch into lots. */
export type LotWayId = 'now' | 'smaller' | 'larger' | 'hotter' | 'more-oil' | 'wider-pot';

export interface LotWay {
  readonly id: LotWayId;
  /** What of the draft, or of the pot, it changes. */
  readonly fry: Partial<TrayDraft['fry']>;
  readonly pot: Partial<Pot>;
  readonly arm: FryArm;
}

const HOTTER_C = 4;
const MORE_OIL = 1.25;
const WIDER = 1.17;

/**
 * The lots as planned, and one smaller, two more, a hotter start, more oil, a wider pot: each
 * with its whole run against the burner. Empty without a piece, or without a moment to lift it.
 * @example lotWays(draft, kitchen)[0].id // 'now'
 */
export function lotWays(draft: TrayDraft, kitchen: Kitchen): LotWay[] {
  const now = fryArm(draft, kitchen);
  if (!now || now.lotSize === null) return [];
  const size = now.lotSize;
  const { pot } = kitchen;
  // Pots come in whole centimetres.
  const widerM = Math.round(100 * WIDER * pot.diameterM) / 100;
  const ways: Pick<LotWay, 'id' | 'fry' | 'pot'>[] = [
    { id: 'smaller', fry: { lotSize: size - 1 }, pot: {} },
    { id: 'larger', fry: { lotSize: size + 2 }, pot: {} },
    { id: 'hotter', fry: { oilC: draft.fry.oilC + HOTTER_C, minutesS: null, lotSize: null }, pot: {} },
    { id: 'more-oil', fry: { lotSize: null }, pot: { oilM3: pot.oilM3 * MORE_OIL } },
    // As deep as before.
    {
      id: 'wider-pot',
      fry: { lotSize: null },
      pot: { diameterM: widerM, oilM3: pot.oilM3 * (widerM / pot.diameterM) ** 2 },
    },
  ];
  const made = ways.flatMap((way): LotWay[] => {
    const { lotSize, oilC } = { ...draft.fry, ...way.fry };
    if ((lotSize !== null && (lotSize < 1 || lotSize > 60 || lotSize > draft.pieces)) || oilC > 200) return [];
    const potNow = { ...pot, ...way.pot };
    if (potNow.oilM3 > 0.02 || potNow.diameterM > 0.6) return [];
    const arm = fryArm({ ...draft, fry: { ...draft.fry, ...way.fry } }, { ...kitchen, pot: potNow });
    return arm && arm.lotSize !== null ? [{ ...way, arm }] : [];
  });
  return [{ id: 'now', fry: {}, pot: {}, arm: now }, ...made];
}
