import { Columns2, CookingPot, Layers, ThermometerSun } from 'lucide-react';
import { type ComponentType, Suspense, useState } from 'react';
import type { Line } from '../../data/draft/useLine';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import { lazyPart } from '../../ui/lazyPart';
import { StationLayout, StationTools } from '../StationLayout';
import { FryFields } from './FryFields';
import { FryPicture } from './FryPicture';
import { FryVerdict } from './FryVerdict';

type SheetProps = { readonly line: Line; readonly onClose: () => void };
const SHEETS = {
  methods: lazyPart(() => import('./MethodsSheet').then((m) => ({ default: m.MethodsSheet }))),
  crumb: lazyPart(() => import('./CrumbSheet').then((m) => ({ default: m.CrumbSheet }))),
  bake: lazyPart(() => import('./BakeSheet').then((m) => ({ default: m.BakeSheet }))),
  loads: lazyPart(() => import('./LoadSheet').then((m) => ({ default: m.LoadSheet }))),
} satisfies Record<string, ComponentType<SheetProps>>;
type SheetId = keyof typeof SHEETS;
const TOOLS: readonly { id: SheetId; name: string; icon: typeof Layers }[] = [
  { id: 'methods', name: T.twoMethods, icon: Columns2 },
  { id: 'crumb', name: T.noThermometer, icon: ThermometerSun },
  { id: 'bake', name: T.bakeInstead, icon: CookingPot },
  { id: 'loads', name: T.loadsAndOrder, icon: Layers },
];

const BakeStation = lazyPart(() => import('./BakeStation').then((m) => ({ default: m.BakeStation })));
const StoredStation = lazyPart(() => import('./StoredStation').then((m) => ({ default: m.StoredStation })));

/** What becomes of the pieces of the open tray: the pot, the oven, the cold, or nothing more. */
export function FryStation({ line }: { readonly line: Line }) {
  const way = line.draft.way ?? 'fry';
  if (way === 'fry') return <PotStation line={line} />;
  return (
    <Suspense fallback={null}>{way === 'bake' ? <BakeStation line={line} /> : <StoredStation line={line} />}</Suspense>
  );
}

/** Oil, minutes, load; curves of one piece and of the oil under all of them. */
function PotStation({ line }: { readonly line: Line }) {
  const [open, setOpen] = useState<SheetId | null>(null);
  const Open = open && SHEETS[open];
  return (
    <StationLayout
      controls={<FryFields line={line} />}
      drawing={<FryPicture line={line} />}
      findings={
        <>
          <FryVerdict line={line} />
          {line.hot?.fry && <StationTools tools={TOOLS} onOpen={setOpen} />}
          <Suspense fallback={null}>{Open && <Open line={line} onClose={() => setOpen(null)} />}</Suspense>
        </>
      }
    />
  );
}
