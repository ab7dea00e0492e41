import { Box, Grid3x3, Ruler, Scale, Snowflake, Spline } from 'lucide-react';
import { type ComponentType, Suspense } from 'react';
import type { Line } from '../../data/draft/useLine';
import { FOLD as T } from '#text/bench/fold/foldPhrases';
import { lazyPart } from '../../ui/lazyPart';
import { StationTools } from '../StationLayout';

type SheetProps = { readonly line: Line; readonly onClose: () => void };
const SHEETS = {
  seal: lazyPart(() => import('./SealSheet').then((m) => ({ default: m.SealSheet }))),
  cut: lazyPart(() => import('./CutSheet').then((m) => ({ default: m.CutSheet }))),
  portions: lazyPart(() => import('./PortionSheet').then((m) => ({ default: m.PortionSheet }))),
  hold: lazyPart(() => import('../fry/HoldSheet').then((m) => ({ default: m.HoldSheet }))),
  model: lazyPart(() => import('./ModelSheet').then((m) => ({ default: m.ModelSheet }))),
  template: lazyPart(() => import('./TemplateSheet').then((m) => ({ default: m.TemplateSheet }))),
  outline: lazyPart(() => import('./OutlineSheet').then((m) => ({ default: m.OutlineSheet }))),
} satisfies Record<string, ComponentType<SheetProps>>;
export type SheetId = keyof typeof SHEETS;
const TOOLS: readonly { id: SheetId; name: string; icon: typeof Box }[] = [
  { id: 'seal', name: T.sealAndCoating, icon: Spline },
  { id: 'cut', name: T.cutFromSheet, icon: Grid3x3 },
  { id: 'portions', name: T.weighARun, icon: Scale },
  { id: 'hold', name: T.holdOrFreeze, icon: Snowflake },
  { id: 'model', name: T.inTheRound, icon: Box },
  { id: 'template', name: 'Template 1:1', icon: Ruler },
];

interface FoldToolsProps {
  readonly line: Line;
  readonly open: SheetId | null;
  readonly onOpen: (sheet: SheetId | null) => void;
}

/** What more can be done with a piece, and the sheet that is open. */
export function FoldTools({ line, open, onOpen }: FoldToolsProps) {
  const Open = open && SHEETS[open];
  return (
    <>
      <StationTools tools={TOOLS} onOpen={onOpen} />
      <Suspense fallback={null}>{Open && <Open line={line} onClose={() => onOpen(null)} />}</Suspense>
    </>
  );
}
