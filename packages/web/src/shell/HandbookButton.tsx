import { BookOpen } from 'lucide-react';
import { type ReactNode, Suspense, useEffect, useState } from 'react';
import { Button } from 'react-aria-components';
import { useLocation } from 'react-router';
import { styled } from 'styled-components';
import { SHELL as T } from '#text/shell/shellPhrases';
import type { PageId } from '#text/learn/handbook/page';
import { type HandbookAt, OpenHandbook, useOpenHandbook } from '../ui/handbook/openHandbook';
import { lazyPart } from '../ui/lazyPart';

const loadPanel = () => import('./HandbookPanel').then((m) => ({ default: m.HandbookPanel }));
const HandbookPanel = lazyPart(loadPanel);

const Round = styled(Button)`
  flex: none;
  align-self: center;
  display: flex;
  align-items: center;
  justify-content: center;
  width: 44px;
  min-height: 44px;
  color: ${({ theme }) => theme.barInk};
  background: none;
  border: 1px solid ${({ theme }) => theme.edge};
  border-radius: 10px;
  cursor: pointer;
`;

/** Where the handbook opens, by where the work is. */
const PAGE_AT: readonly (readonly [path: RegExp, page: PageId])[] = [
  [/^\/stove|^\/learn\/practice\/./, 'fire'],
  [/\/dough$/, 'families'],
  [/\/filling$/, 'filling'],
  [/\/fry$/, 'oil-heat'],
  [/\/serve$/, 'keeping'],
  [/^\/bench\/(?!new)./, 'sealing'],
  [/^\/store\/oil/, 'oil-life'],
  [/^\/store\/freezer/, 'freezing'],
  [/^\/store\/guests/, 'allergens'],
  [/^\/ledger/, 'wrong'],
  [/^\/cook/, 'resting'],
];

/** Read in so long after a page was opened, ms: the first tap then opens at once, on a phone too. */
const READY_MS = 3000;

/** Has the handbook open beside the work, from whatever in it asks. */
export function HandbookPlace({ children }: { readonly children: ReactNode }) {
  const [first, setFirst] = useState<HandbookAt | null>(null);
  return (
    <OpenHandbook value={setFirst}>
      {children}
      <Suspense fallback={null}>{first && <HandbookPanel first={first} onClose={() => setFirst(null)} />}</Suspense>
    </OpenHandbook>
  );
}

/** The handbook, one tap from every room; at the stove it opens on what to do about fire. */
export function HandbookButton() {
  const { pathname } = useLocation();
  const open = useOpenHandbook();
  useEffect(() => {
    const timer = setTimeout(() => void loadPanel().catch(() => undefined), READY_MS);
    return () => clearTimeout(timer);
  }, []);
  const page = PAGE_AT.find(([path]) => path.test(pathname))?.[1] ?? 'families';
  return (
    <Round
      aria-label={T.handbook}
      aria-haspopup="dialog"
      onHoverStart={() => void loadPanel()}
      onFocus={() => void loadPanel()}
      onPress={() => open({ page })}
    >
      <BookOpen size={18} aria-hidden />
    </Round>
  );
}
