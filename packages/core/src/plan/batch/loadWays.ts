import type { TrayDraft } from '../../draft/draft.js';
import { type FryArm, fryArm } from './fryArms.js';
import type { Pot, Kitchen } from '../../draft/kitchen.js';

/** Other ways to divide a batch into loads. */
export type LoadWayId = 'now' | 'smaller' | 'larger' | 'hotter' | 'more-oil' | 'wider-pot';

export interface LoadWay {
  readonly id: LoadWayId;
  /** What of the draft, or of the pot, it changes. */
  readonly fry: Partial<TrayDraft['fry']>;
  readonly pot: Partial<Pot>;
  readonly arm: FryArm;
}

const HOTTER_C = 4;
const MORE_OIL = 1.25;
const WIDER = 1.17;

/**
 * The loads as planned, and one smaller, two more, a hotter start, more oil, a wider pot: each
 * with its whole run against the burner. Empty without a piece, or without a moment to take it out it.
 * @example loadWays(draft, kitchen)[0].id // 'now'
 */
export function loadWays(draft: TrayDraft, kitchen: Kitchen): LoadWay[] {
  const now = fryArm(draft, kitchen);
  if (!now || now.loadSize === null) return [];
  const size = now.loadSize;
  const { pot } = kitchen;
  // Pots come in whole centimetres.
  const widerM = Math.round(100 * WIDER * pot.diameterM) / 100;
  const ways: Pick<LoadWay, 'id' | 'fry' | 'pot'>[] = [
    { id: 'smaller', fry: { loadSize: size - 1 }, pot: {} },
    { id: 'larger', fry: { loadSize: size + 2 }, pot: {} },
    { id: 'hotter', fry: { oilC: draft.fry.oilC + HOTTER_C, minutesS: null, loadSize: null }, pot: {} },
    { id: 'more-oil', fry: { loadSize: null }, pot: { oilM3: pot.oilM3 * MORE_OIL } },
    // As deep as before.
    {
      id: 'wider-pot',
      fry: { loadSize: null },
      pot: { diameterM: widerM, oilM3: pot.oilM3 * (widerM / pot.diameterM) ** 2 },
    },
  ];
  const made = ways.flatMap((way): LoadWay[] => {
    const { loadSize, oilC } = { ...draft.fry, ...way.fry };
    if ((loadSize !== null && (loadSize < 1 || loadSize > 60 || loadSize > draft.pieces)) || oilC > 200) return [];
    const potNow = { ...pot, ...way.pot };
    if (potNow.oilM3 > 0.02 || potNow.diameterM > 0.6) return [];
    const arm = fryArm({ ...draft, fry: { ...draft.fry, ...way.fry } }, { ...kitchen, pot: potNow });
    return arm && arm.loadSize !== null ? [{ ...way, arm }] : [];
  });
  return [{ id: 'now', fry: {}, pot: {}, arm: now }, ...made];
}
