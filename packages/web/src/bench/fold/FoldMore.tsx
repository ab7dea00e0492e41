import type { Piece } from '@ember-fold/core/plan';
import type { Line } from '../../data/draft/useLine';
import { FoldSteps } from '../../ui/drawing/FoldSteps';
import { RolledProfile } from '../../ui/drawing/RolledProfile';
import { stepText } from '#text/bench/fold/stepText';

interface FoldMoreProps {
  readonly line: Line;
  readonly piece: Piece;
}

/** Frame by frame how it is folded. Comes after the station. */
export function FoldMore({ line: { draft, printer }, piece }: FoldMoreProps) {
  return <FoldSteps draft={draft} piece={piece} captions={stepText(draft, piece, printer)} />;
}

/** How the disc of a gathered shape is rolled. */
export function FoldProfile({ line, piece }: FoldMoreProps) {
  const { discM, thicknessM } = line.draft.fold;
  return <RolledProfile piece={piece} discM={discM} thicknessM={thicknessM} />;
}
