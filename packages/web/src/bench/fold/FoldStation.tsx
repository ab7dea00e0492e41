import { Box, Grid3x3, Ruler, Scale, Snowflake, Spline } from 'lucide-react';
import { type ComponentType, Suspense, useEffect, useState } from 'react';
import type { Line } from '../../data/useLine';
import { FOLD as T } from '../../text/foldPhrases';
import { Button } from '../../ui/controls/Button';
import { lazyPart } from '../../ui/lazyPart';
import { StationLayout, StationTools } from '../StationLayout';
import { FoldFields } from './FoldFields';
import { FoldPicture } from './FoldPicture';
import { FoldVerdict } from './FoldVerdict';

// A batch opens here: what opens by a tap comes after it.
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
type SheetId = keyof typeof SHEETS;
const TOOLS: readonly { id: SheetId; name: string; icon: typeof Box }[] = [
  { id: 'seal', name: T.sealAndCoat, icon: Spline },
  { id: 'cut', name: T.cutFromSheet, icon: Grid3x3 },
  { id: 'portions', name: T.weighARun, icon: Scale },
  { id: 'hold', name: T.holdOrFreeze, icon: Snowflake },
  { id: 'model', name: T.inTheRound, icon: Box },
  { id: 'template', name: 'Template 1:1', icon: Ruler },
];

/** Disc, pocket, walls, seal; dough and filling made to end together. */
export function FoldStation({ line }: { readonly line: Line }) {
  const [open, setOpen] = useState<SheetId | null>(null);
  const Open = open && SHEETS[open];
  // What is heavy is fetched once the station is on the page, not before.
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const frame = requestAnimationFrame(() => setShown(true));
    return () => cancelAnimationFrame(frame);
  }, []);
  return (
    <StationLayout
      controls={<FoldFields line={line} shown={shown} onOutline={() => setOpen('outline')} />}
      drawing={
        <>
          <FoldPicture line={line} shown={shown} />
          <Suspense fallback={null}>{Open && <Open line={line} onClose={() => setOpen(null)} />}</Suspense>
        </>
      }
      findings={
        <>
          <FoldVerdict line={line} shown={shown} />
          <StationTools>
            {TOOLS.map(({ id, name, icon: Icon }) => (
              <Button key={id} $look="quiet" onPress={() => setOpen(id)}>
                <Icon size={16} aria-hidden />
                {name}
              </Button>
            ))}
          </StationTools>
        </>
      }
    />
  );
}
