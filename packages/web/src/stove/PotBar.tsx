import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { isDueNow, type NextStep, type LitStove } from '@ember-fold/core/stove';
import { X } from 'lucide-react';
import { useCallback, useEffect } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../data/api/api';
import { figureFont } from '../ui/theme';
import { useKitchen } from '../data/draft/useLine';
import { unwatchPot, useWatched, watchPot } from '../data/live/watched';
import { Button } from '../ui/controls/button/Button';
import { Strip } from '../ui/layout/Strip';
import { nextText, potText, VERDICT_TEXT } from '#text/stove/stoveWords';
import type { Printer } from '../text/printer';
import { DangerScreen } from './DangerScreen';
import { useStoveFigures } from './useStoveFigures';
import { useStoveCalls } from './useStoveCalls';
import { usePad } from './usePad';
import { type LiveStove, useLiveStove } from './useLiveStove';

const One = styled.li`
  ${figureFont}
  display: flex;
  align-items: center;
  gap: 4px 12px;
  border-radius: 10px;
  background: ${({ theme }) => theme.well};
  > a {
    display: flex;
    align-items: center;
    gap: 4px 12px;
    min-height: 64px;
    padding: 0 4px 0 14px;
    color: inherit;
    text-decoration: none;
  }
  .temp {
    font-size: 40px;
    font-stretch: 68%;
  }
  .words {
    display: grid;
    font-size: 14px;
  }
  .words > strong {
    font-size: 17px;
  }
  > a[data-now] {
    color: #1c130a;
    background: ${({ theme }) => theme.hand};
    border-radius: 10px;
  }
  > a[data-danger] {
    color: #fff;
    background: ${({ theme }) => theme.danger};
  }
  button {
    min-width: 44px;
    min-height: 64px;
  }
`;

/** More pots than a hob has burners are not watched at once. */
const MOST = 5;

/** Due this soon, it is what a hand does now. */

/** A second pot at a glance, also from another room; a danger of it takes the whole screen. */
function OtherPot({ lit }: { readonly lit: LitStove }) {
  const stove = useLiveStove(lit.batchId);
  const printer = useKitchen()?.printer;
  const where = potText(lit.potName, lit.potM);
  return (
    <One>
      {stove.live && printer ? (
        <Glance live={stove.live} act={stove.act} where={where} printer={printer} />
      ) : (
        <Link to={`/stove/${lit.batchId}`}>{`${where}, ${lit.name}`}</Link>
      )}
      <Button
        $look="quiet"
        aria-label={T.leaveToAnotherDevice(where, lit.name)}
        onPress={() => unwatchPot(lit.batchId)}
      >
        <X size={18} aria-hidden />
      </Button>
    </One>
  );
}

interface GlanceProps {
  readonly live: LiveStove;
  readonly act: ReturnType<typeof useLiveStove>['act'];
  readonly where: string;
  readonly printer: Printer;
}

const NO_STEPS: readonly NextStep[] = [];

function Glance({ live, act, where, printer }: GlanceProps) {
  const { figures } = useStoveFigures(live, false);
  const pad = usePad(live, figures, act, { hasKeys: false });
  const { batchId, draft } = live.stove;
  const oilC = figures?.tray.draft.fry.oilC ?? 0;
  const wording = useCallback(
    (step: NextStep) => `${where}: ${nextText(step, printer, oilC).what}`,
    [where, printer, oilC],
  );
  useStoveCalls(figures?.steps ?? NO_STEPS, wording);
  const { probeC = null, verdict = 'no-reading' } = figures?.oil ?? {};
  const step = figures?.steps[0];
  const isNow = step !== undefined && isDueNow(step);
  const what = step ? nextText(step, printer, oilC).what : T.nothingJustNow;
  const when = !step || step.inS === null ? '' : isNow ? T.nowIs : T.theIn(printer.soon(step.inS));
  return (
    <>
      <Link
        to={`/stove/${batchId}`}
        data-now={isNow || undefined}
        data-danger={step?.reason === 'cut-heat' || undefined}
      >
        <span className="temp">{probeC === null ? '–' : Math.round(printer.degrees(probeC))}</span>
        <span className="words">
          <span>{`${where}, ${draft.name}: ${VERDICT_TEXT[verdict]}`}</span>
          <strong>{`${when}${what}`}</strong>
        </span>
      </Link>
      {figures?.danger && (
        <DangerScreen
          danger={figures.danger}
          where={`${where}, ${draft.name}`}
          oil={probeC === null ? '' : T.oil(printer.temp(probeC))}
          onAct={() => (figures.danger?.act === 'burner-off' ? pad.burner(0) : pad.here())}
        />
      )}
    </>
  );
}

/** Every other pot this device watches, in every room; and those that are lit but watched elsewhere. */
export function PotBar() {
  const { data: lit = [] } = api.useStovesQuery();
  const watched = useWatched();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const shown = /^\/stove\/([^/]+)/.exec(pathname)?.[1] ?? null;
  const others = lit.filter(({ batchId }) => batchId !== shown);
  const mine = others.filter(({ batchId }) => watched.includes(batchId)).slice(-MOST);
  const elsewhere = others.filter(({ batchId }) => !watched.includes(batchId));
  const nextId = mine[0]?.batchId;
  useEffect(() => {
    if (shown === null || nextId === undefined) return;
    const onKey = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() !== 'p' || event.ctrlKey || event.metaKey || event.altKey) return;
      if ((event.target as HTMLElement).closest('input, textarea, [role="dialog"], [role="alertdialog"]')) return;
      void navigate(`/stove/${nextId}`);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [shown, nextId, navigate]);
  if (mine.length === 0 && (shown === null || elsewhere.length === 0)) return null;
  return (
    <aside aria-label={T.otherPots}>
      <Strip aria-label={T.otherPots}>
        {mine.map((one) => (
          <OtherPot key={one.batchId} lit={one} />
        ))}
        {shown !== null && elsewhere.length > 0 && (
          <li>
            <Button
              $look="quiet"
              style={{ minHeight: 64 }}
              onPress={() => elsewhere.forEach(({ batchId }) => watchPot(batchId))}
            >
              {elsewhere.length === 1
                ? T.alsoLitWatchItHere(elsewhere[0]!.name)
                : T.morePotsAreLitWatch(elsewhere.length)}
            </Button>
          </li>
        )}
      </Strip>
    </aside>
  );
}
