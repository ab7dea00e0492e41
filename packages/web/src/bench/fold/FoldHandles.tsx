import { FOLD as T } from '#text/bench/fold/foldPhrases';
import { blankLengthM, shapeOf, withFold, RANGES } from '@ember-fold/core/plan';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { DragHandle } from '../../ui/drawing/DragHandle';

/** Where the seal line can be taken hold of, in halves of the blank; `null`: it has none drawn. */
function sealPlace(blank: string, half: number, seal: number): [number, number] | null {
  const inner = half - seal;
  switch (blank) {
    case 'disc':
    case 'two-discs':
      return [inner * Math.SQRT1_2, -inner * Math.SQRT1_2];
    case 'half-disc':
      return [-inner, half * 0.2 - seal];
    case 'sheet':
      return [inner, half * 0.5];
    default:
      return null;
  }
}

/** Size, length and seal, dragged on the blank itself. */
export function BlankHandles({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, printer } = line;
  const { fold, shape } = draft;
  const { blank, hasLength } = shapeOf(shape);
  const half = fold.discM * 500;
  const lengthM = blankLengthM(draft);
  const size = Math.max(half, hasLength ? lengthM * 500 : 0);
  // Gathered discs are pinched, not sealed along a line.
  const gathered = line.cold.fold.piece?.gathered !== null;
  const seal = gathered ? null : sealPlace(blank, half, fold.sealM * 1000);
  return (
    <>
      <DragHandle
        label={T.sizeOfTheBlank}
        said={printer.length(fold.discM)}
        value={fold.discM}
        {...RANGES.draft.discM}
        step={0.001}
        x={half}
        y={blank === 'half-disc' ? half * 0.2 : 0}
        size={size}
        axis="x"
        perMm={0.002}
        onChange={(discM) => edit('fold.discM', (d) => withFold(d, { discM }))}
      />
      {hasLength && (
        <DragHandle
          label={T.lengthOfTheBlank}
          said={printer.length(lengthM)}
          value={lengthM}
          {...RANGES.draft.lengthM}
          step={0.001}
          x={0}
          y={-lengthM * 500}
          size={size}
          axis="up"
          perMm={0.002}
          onChange={(length) => edit('fold.lengthM', (d) => withFold(d, { lengthM: length }))}
        />
      )}
      {seal && (
        <DragHandle
          label={T.sealMarginOnTheBlank}
          said={printer.length(fold.sealM)}
          value={fold.sealM}
          {...RANGES.draft.sealM}
          step={0.0005}
          x={seal[0]}
          y={seal[1]}
          size={size}
          axis="x"
          // The line lies at 45° on a disc; it moves in as it is dragged in.
          perMm={(blank === 'half-disc' ? 1 : -1) * (blank === 'sheet' || blank === 'half-disc' ? 0.001 : 0.00141)}
          onChange={(sealM) => edit('fold.sealM', (d) => withFold(d, { sealM }))}
        />
      )}
    </>
  );
}

/** Thickness, dragged on the cut: up is thicker. */
export function WallHandle({
  line,
  x,
  y,
  scale,
  size,
}: {
  readonly line: Line;
  readonly x: number;
  readonly y: number;
  readonly scale: number;
  readonly size: number;
}) {
  const edit = useEdit();
  const { draft, printer } = line;
  const { thicknessM } = draft.fold;
  return (
    <DragHandle
      label={T.rolledThicknessOnTheCut}
      said={printer.length(thicknessM)}
      value={thicknessM}
      {...RANGES.draft.thicknessM}
      step={0.0001}
      x={x}
      y={y}
      size={size}
      axis="up"
      perMm={1 / scale}
      onChange={(next) => edit('fold.thicknessM', (d) => withFold(d, { thicknessM: next }))}
    />
  );
}
