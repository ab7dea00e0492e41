import { Suspense, useEffect, useState } from 'react';
import type { Line } from '../../data/draft/useLine';
import { lazyPart } from '../../ui/lazyPart';
import { StationLayout } from '../StationLayout';
import { FoldFields } from './FoldFields';
import { FoldPicture } from './FoldPicture';
import type { SheetId } from './FoldTools';
import { FoldVerdict } from './FoldVerdict';

// A batch opens here: what opens by a tap comes after it.
const FoldTools = lazyPart(() => import('./FoldTools').then((m) => ({ default: m.FoldTools })));

/** Disc, pocket, walls, seal; dough and filling made to end together. */
export function FoldStation({ line }: { readonly line: Line }) {
  const [open, setOpen] = useState<SheetId | null>(null);
  // What is heavy is fetched once the station is on the page, not before.
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const frame = requestAnimationFrame(() => setShown(true));
    return () => cancelAnimationFrame(frame);
  }, []);
  return (
    <StationLayout
      controls={<FoldFields line={line} onOutline={() => setOpen('outline')} />}
      drawing={<FoldPicture line={line} shown={shown} />}
      findings={
        <>
          <FoldVerdict line={line} shown={shown} />
          <Suspense fallback={<div style={{ height: 132 }} />}>
            {shown && <FoldTools line={line} open={open} onOpen={setOpen} />}
          </Suspense>
        </>
      }
    />
  );
}
