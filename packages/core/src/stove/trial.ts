import type { StovePlan } from './doNext.js';
import { isThrough, type StovePiece, type StoveState } from './stoveAct.js';

/** Pieces from which something is learnt: one that came out raw shows nothing of how the others will be. */
export function tried({ pieces }: StoveState): StovePiece[] {
  return pieces.filter(({ oven }) => oven?.why !== 'raw');
}

/** The trial piece that is out, whole, and not judged yet; `null`: none. */
export function toJudge(state: StoveState, plan: Pick<StovePlan, 'trial'>): number | null {
  const [piece, ...more] = tried(state);
  if (plan.trial !== true || more.length > 0 || !piece || !isThrough(piece)) return null;
  const { judged } = state;
  const isJudged = judged.some(
    (act) =>
      (act.kind === 'core' && act.piece === piece.number) || (act.kind === 'seen' && act.pieces.includes(piece.number)),
  );
  return isJudged ? null : piece.number;
}
