import { RoomLinks } from './RoomLinks';
import { SHELL as T } from '#text/shell/shellPhrases';
import { lazyPart } from '../ui/lazyPart';
import { Settings2 } from 'lucide-react';
import { DEFAULT_KITCHEN } from '@ember-fold/core/plan';
import { type ReactNode, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { Button } from 'react-aria-components';
import { Link, Outlet, useLocation } from 'react-router';
import { styled, ThemeProvider } from 'styled-components';
import { Asked } from '../ui/controls/choice/Asked';
import { Page } from '../ui/layout/Page';
import { Guard } from '../ui/controls/sheet/Guard';
import { Notices } from './Notices';
import { Strips } from '../ui/layout/Strip';
import { SHELL_TEXT } from '#text/shell/shellText';
import { HandbookButton, HandbookPlace } from './HandbookButton';
import { GlobalStyle } from './GlobalStyle';
import { api } from '../data/api/api';
import { oilApi } from '../data/api/oilApi';
import { storeApi } from '../data/api/storeApi';
import { makePrinter } from '../text/printer';
import { Printing } from '../ui/printing';
import { figureFont, PHONE, planningTheme, stoveTheme } from '../ui/theme';
import { useKitchen } from '../data/draft/useLine';
import { useIsOut } from '../data/offline/door';
import { useWatched } from '../data/live/watched';

const Bar = styled.header`
  display: flex;
  align-items: stretch;
  gap: 24px;
  min-height: 52px;
  padding: 0 22px;
  color: ${({ theme }) => theme.barInk};
  background: ${({ theme }) => theme.bar};
  ${PHONE} {
    gap: 8px;
    padding: 0 12px;
  }
`;

const Mark = styled(Link)`
  ${figureFont}
  display: flex;
  align-items: center;
  gap: 10px;
  min-width: 44px;
  font-size: 18px;
  color: inherit;
  text-decoration: none;
  white-space: nowrap;
  ${PHONE} {
    span {
      display: none;
    }
  }
`;

const Chip = styled(Link)`
  ${figureFont}
  align-self: center;
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 12px;
  font-size: 13px;
  border: 1px solid ${({ theme }) => theme.edge};
  border-radius: 10px;
  color: ${({ theme }) => theme.hand};
  text-decoration: none;
  ${PHONE} {
    display: none;
  }
`;

const Units = styled(Button)`
  ${figureFont}
  align-self: center;
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  padding: 0 12px;
  font-size: 14px;
  color: ${({ theme }) => theme.barInk};
  background: none;
  border: 1px solid ${({ theme }) => theme.edge};
  border-radius: 10px;
  cursor: pointer;
  ${PHONE} {
    flex: none;
    justify-content: center;
    width: 44px;
    padding: 0;
    span {
      display: none;
    }
  }
`;

/** The crimped half-moon, as in public/mark.svg. */
const MARK =
  'M4.5 22.5a11.5 11.5 0 0 1 23 0c0 1.2-1.9 1.2-2.3.2-.5 1.2-2.9 1.2-3.3 0-.5 1.2-2.9 1.2-3.3 0-.5 1.2-2.9 1.2-3.3 0-.5 1.2-2.9 1.2-3.3 0-.5 1.2-2.9 1.2-3.3 0-.4 1-4.2 1-4.2-.2z';

const loadUnits = () => import('./UnitsCard').then((m) => ({ default: m.UnitsCard }));
const UnitsCard = lazyPart(loadUnits);
const Enter = lazyPart(() => import('./Enter').then((m) => ({ default: m.Enter })));
const TimerBar = lazyPart(() => import('../cook/TimerBar').then((m) => ({ default: m.TimerBar })));
const DropIn = lazyPart(() => import('./DropIn').then((m) => ({ default: m.DropIn })));
const PotBar = lazyPart(() => import('../stove/PotBar').then((m) => ({ default: m.PotBar })));

/** Grams or cups, °C or °F: one setting for the whole kitchen. Its card comes when it is reached for. */
function UnitSwitch() {
  const known = useKitchen();
  const button = useRef<HTMLButtonElement>(null);
  const [isOpen, setOpen] = useState(false);
  if (!known) return null;
  const { kitchen } = known;
  const cups = kitchen.units === 'cups';
  return (
    <>
      <Units
        ref={button}
        aria-label={`Units: ${cups ? T.cupsAndSpoons : 'grams'}, °${kitchen.temperature}`}
        aria-haspopup="dialog"
        aria-expanded={isOpen}
        onHoverStart={() => void loadUnits()}
        onFocus={() => void loadUnits()}
        onPress={() => setOpen(true)}
      >
        <Settings2 size={16} aria-hidden />
        <span>{`${cups ? 'cups' : 'g'} · °${kitchen.temperature}`}</span>
      </Units>
      {isOpen && (
        <Suspense fallback={null}>
          <UnitsCard kitchen={kitchen} triggerRef={button} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}

const RETRY_MS = 3000;

/** Every figure needs the kitchen: until it is there, or while it cannot be had, this says so and asks again. */
function Kitchen({ children }: { readonly children: ReactNode }) {
  const [failed, setFailed] = useState(false);
  const kitchen = api.useKitchenQuery(undefined, { pollingInterval: failed ? RETRY_MS : 0 });
  const own = storeApi.useIngredientsQuery(undefined, { pollingInterval: failed ? RETRY_MS : 0 });
  // What was learnt is wanted too, but no figure waits for it.
  api.useFloursQuery();
  api.useLearntQuery();
  api.useSuppersQuery();
  oilApi.useOilsQuery();
  const known = kitchen.data?.kitchen;
  const printer = useMemo(() => makePrinter(known ?? DEFAULT_KITCHEN), [known]);
  const missing = kitchen.data ? own : kitchen;
  const nowFailed = missing.isError && !missing.data;
  if (nowFailed !== failed) setFailed(nowFailed);
  if (kitchen.data && own.data) return <Printing value={printer}>{children}</Printing>;
  return (
    <Page>
      <Asked of={{ ...missing, data: undefined }} what={T.theKitchen}>
        {() => null}
      </Asked>
    </Page>
  );
}

/** A pot that is lit and not in sight here, reachable from every room. */
function AtTheStove() {
  const { data } = api.useStovesQuery();
  const watched = useWatched();
  const frying = data?.filter(({ batchId }) => !watched.includes(batchId)).pop();
  if (!frying) return null;
  return <Chip to={`/stove/${frying.batchId}`}>{T.atTheStove(frying.name)}</Chip>;
}

/** Timers and pots cannot be shown: the page is of an older build than what is served now. */
function Outdated() {
  return (
    <p role="alert" style={{ padding: '6px 22px' }}>
      {`${SHELL_TEXT.outdated} `}
      <a href="">{SHELL_TEXT.reopen}</a>
    </p>
  );
}

/** A bench opens sooner when what calls from elsewhere comes a moment after it. */
const AFTER_OPENING_MS = 1500;

/** True once so much time has gone by, and from then on. */
function useLater(ms: number): boolean {
  const [is, setIs] = useState(false);
  useEffect(() => {
    if (is) return;
    const timer = setTimeout(() => setIs(true), ms);
    return () => clearTimeout(timer);
  }, [is, ms]);
  return is;
}

/** What a paired device sees: notices, what calls from elsewhere, and the room it is in. */
function Inside({ isBench }: { readonly isBench: boolean }) {
  const later = useLater(isBench ? AFTER_OPENING_MS : 0);
  return (
    <>
      <Notices />
      <Strips>
        <Guard instead={<Outdated />}>
          <Suspense fallback={null}>{later && <DropIn />}</Suspense>
          <Suspense fallback={null}>{later && <TimerBar />}</Suspense>
          <Suspense fallback={null}>{later && <PotBar />}</Suspense>
        </Guard>
      </Strips>
      <main>
        <Kitchen>
          <Suspense fallback={<p style={{ padding: 22 }}>{SHELL_TEXT.opening}</p>}>
            <Outlet />
          </Suspense>
        </Kitchen>
      </main>
    </>
  );
}

/** Frame of every room: bar, notices, the room itself. Dark at the stove. */
export function Shell() {
  const { pathname } = useLocation();
  const isOut = useIsOut();
  const atStove = pathname.startsWith('/stove');
  // Practised on the true page of the stove, in its colours.
  const isDark = atStove || /^\/learn\/practice\/./.test(pathname);
  return (
    <ThemeProvider theme={isDark ? stoveTheme : planningTheme}>
      <GlobalStyle />
      <HandbookPlace>
        <Bar>
          <Mark to="/table" aria-label={T.emberFoldToTheTable}>
            <svg viewBox="4 10.5 24 14" width={34} height={20} aria-hidden>
              <path d={MARK} fill="#F0A24B" />
            </svg>
            <span>{T.emberFold}</span>
          </Mark>
          {!isOut && <RoomLinks />}
          {!atStove && !isOut && <AtTheStove />}
          {!isOut && <HandbookButton />}
          {!isOut && <UnitSwitch />}
        </Bar>
        {isOut ? (
          <main>
            <Suspense fallback={null}>
              <Enter />
            </Suspense>
          </main>
        ) : (
          <Inside isBench={pathname.startsWith('/bench')} />
        )}
      </HandbookPlace>
    </ThemeProvider>
  );
}
