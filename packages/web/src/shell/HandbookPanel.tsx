import { type TrayDraft, trayOf } from '@ember-fold/core/plan';
import { X } from 'lucide-react';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { Link, useLocation } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../data/api/api';
import { useKitchen } from '../data/draft/useLine';
import { HANDBOOK as T, openSearch, pageOf } from '#text/learn/handbook/handbook';
import type { PageId } from '#text/learn/handbook/page';
import { termOf } from '#text/learn/handbook/terms';
import { Button } from '../ui/controls/button/Button';
import { FilterField } from '../ui/controls/field/FilterField';
import { Soft } from '../ui/layout/Panel';
import { Article } from '../ui/handbook/Article';
import type { HandbookAt } from '../ui/handbook/openHandbook';
import { figureFont } from '../ui/theme';

const Shade = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 20;
  background: rgb(10 14 12 / 35%);
`;

const Side = styled(Modal)`
  position: absolute;
  inset: 0 0 0 auto;
  width: min(560px, 100%);
  overflow: auto;
  padding: 16px 20px;
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.panel};
  [role='dialog'] {
    display: grid;
    gap: 12px;
    outline: none;
  }
`;

const Head = styled.div`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  h2 {
    ${figureFont}
    font-size: 20px;
  }
`;

const Found = styled.ul`
  button {
    justify-content: flex-start;
    width: 100%;
    text-align: left;
  }
`;

interface HandbookPanelProps {
  readonly first: HandbookAt;
  readonly onClose: () => void;
}

/** The page a term is explained on, or the one that was asked for. */
const pageAt = (at: HandbookAt): PageId => ('page' in at ? at.page : (termOf(at.term)?.page ?? 'families'));

/** The batch whose page is open beside the handbook: its first tray. */
function useBatchAtHand(): TrayDraft | null {
  const { pathname } = useLocation();
  const [, id = ''] = /^\/(?:bench|cook|stove)\/([0-9a-f-]{36})/.exec(pathname) ?? [];
  const { data } = api.useBatchQuery(id, { skip: id === '' });
  return useMemo(() => (data ? trayOf(data.draft, null) : null), [data]);
}

/** The handbook beside the work: opens where the work is, and leaves it as it was. */
export function HandbookPanel({ first, onClose }: HandbookPanelProps) {
  const [id, setId] = useState(() => pageAt(first));
  // What was asked for by its name is said first, for as long as its page is open.
  const term = 'term' in first ? (termOf(first.term) ?? null) : null;
  const [text, setText] = useState('');
  const known = useKitchen();
  const draft = useBatchAtHand();
  const page = pageOf(id);
  const printer = known?.printer;
  const isAsked = text.trim() !== '';
  // Made once it is asked, so that the panel opens at once.
  const search = useMemo(() => (isAsked && printer ? openSearch(printer) : null), [isAsked, printer]);
  const title = useRef<HTMLHeadingElement>(null);
  const [chosen, setChosen] = useState(0);
  // What was pressed goes with the page it stood on: without this the keys, Escape too, would reach nothing for a moment.
  useLayoutEffect(() => {
    if (chosen > 0) title.current?.focus();
  }, [chosen]);
  if (!known || !page) return null;
  const found = search?.(text).slice(0, 6) ?? [];
  const show = (next: PageId) => {
    setId(next);
    setText('');
    setChosen((n) => n + 1);
  };
  return (
    <Shade isOpen isDismissable onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Side>
        <Dialog>
          <Head>
            <Heading slot="title" level={2}>
              {T.title}
            </Heading>
            <Button $look="quiet" aria-label={T.close} onPress={onClose}>
              <X size={20} aria-hidden />
            </Button>
          </Head>
          <FilterField label={T.search} value={text} onChange={setText} />
          {isAsked && (
            <>
              <Soft role="status">{found.length === 0 ? T.nothing : T.found(found.length)}</Soft>
              <Found>
                {found.map(({ page: of, title, says }) => (
                  <li key={`${of} ${title}`}>
                    <Button $look="quiet" onPress={() => show(of)}>
                      {title}
                    </Button>
                    {says && <Soft>{says}</Soft>}
                  </li>
                ))}
              </Found>
            </>
          )}
          {term && term.page === id && (
            <p>
              <strong>{term.name}</strong>: {term.says}
            </p>
          )}
          <Article
            key={id}
            page={page}
            draft={draft}
            printer={known.printer}
            kitchen={known.kitchen}
            onPage={show}
            titleRef={title}
          />
          <Link to={`/learn/${id}`} onClick={onClose}>
            {T.whole}
          </Link>
        </Dialog>
      </Side>
    </Shade>
  );
}
