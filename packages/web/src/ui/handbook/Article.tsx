import { Row } from '../layout/layout';
import type { Kitchen, TrayDraft } from '@ember-fold/core/plan';
import { type Ref, useMemo } from 'react';
import { styled } from 'styled-components';
import { DEFERRAL } from '#text/shared/cautions';
import { HANDBOOK as T, pageOf } from '#text/learn/handbook/handbook';
import type { HandbookPage, PageId } from '#text/learn/handbook/page';
import { termsIn } from '#text/learn/handbook/terms';
import type { Printer } from '../../text/printer';
import { Button } from '../controls/button/Button';
import { Soft } from '../layout/Panel';
import { figureFont } from '../theme';
import { Explained } from './Explained';
import { FIGURES } from './figures';

const Text = styled.article`
  display: grid;
  gap: 10px;
  max-width: 720px;
  line-height: 1.5;
  h3 {
    ${figureFont}
    margin-top: 6px;
    font-size: 17px;
  }
  ul.says {
    padding-left: 20px;
    list-style: disc;
  }
`;

interface ArticleProps {
  readonly page: HandbookPage;
  readonly printer: Printer;
  readonly kitchen: Kitchen;
  /** The batch at hand; absent: none is. */
  readonly draft?: TrayDraft | null;
  readonly onPage: (id: PageId) => void;
  /** Given where reading goes on at the title when another page is chosen. */
  readonly titleRef?: Ref<HTMLHeadingElement>;
}

interface Piece {
  readonly key: string;
  readonly kind: 'title' | 'says' | 'item';
  readonly text: string;
  readonly seen: ReadonlySet<string>;
}

/** What a page says, in its order, each with the terms that stood before it. */
function piecesOf(page: HandbookPage, printer: Printer): readonly (readonly Piece[])[] {
  const seen = new Set<string>();
  return page.parts(printer).map(({ title, says, list = [] }, n) => {
    const piece = (kind: Piece['kind'], text: string, i: number): Piece => {
      const before = new Set(seen);
      // A heading is not explained.
      if (kind !== 'title') termsIn(text, seen);
      return { key: `${n} ${kind} ${i}`, kind, text, seen: before };
    };
    return [
      ...(title === undefined ? [] : [piece('title', title, 0)]),
      ...says.map((text, i) => piece('says', text, i)),
      ...list.map((text, i) => piece('item', text, i)),
    ];
  });
}

/** One page of the handbook: what it says, its figure for this kitchen, and where to go on. */
export function Article({ page, printer, kitchen, draft = null, onPage, titleRef }: ArticleProps) {
  const parts = useMemo(() => piecesOf(page, printer), [page, printer]);
  const Figure = FIGURES[page.figure];
  return (
    <Text data-print>
      <h2 ref={titleRef} tabIndex={titleRef ? -1 : undefined}>
        {page.title}
      </h2>
      {parts.map((pieces, n) => {
        const items = pieces.filter(({ kind }) => kind === 'item');
        return (
          <section key={n}>
            {pieces.map(({ key, kind, text, seen }) =>
              kind === 'title' ? (
                <h3 key={key}>{text}</h3>
              ) : kind === 'says' ? (
                <p key={key} style={{ marginBottom: 8 }}>
                  <Explained text={text} seen={seen} onPage={onPage} />
                </p>
              ) : null,
            )}
            {items.length > 0 && (
              <ul className="says">
                {items.map(({ key, text, seen }) => (
                  <li key={key}>
                    <Explained text={text} seen={seen} onPage={onPage} />
                  </li>
                ))}
              </ul>
            )}
          </section>
        );
      })}
      <Figure printer={printer} kitchen={kitchen} draft={draft} />
      <Row as="nav" $gap="4px 8px" $align="center" aria-label={T.see}>
        <Soft as="span">{T.see}</Soft>
        {page.see.map((id) => (
          <Button key={id} onPress={() => onPage(id)}>
            {pageOf(id)!.title}
          </Button>
        ))}
      </Row>
      <Soft>{DEFERRAL}</Soft>
    </Text>
  );
}
