import { blankLengthM } from '@ember-fold/core';
import { useRef, useState } from 'react';
import { styled } from 'styled-components';
import type { Line } from '../../data/useLine';
import { Button } from '../../ui/controls/Button';
import { Choice } from '../../ui/controls/Choice';
import { Soft } from '../../ui/controls/Panel';
import { Actions, Sheet } from '../../ui/controls/Sheet';
import { FoldCard } from '../../ui/drawing/FoldCard';
import { TemplateDrawing } from '../../ui/drawing/TemplateDrawing';
import { cardFigures, CARD_NOTES } from '../../text/cardText';
import { stepText } from '../../text/stepText';

const Scroll = styled.div`
  overflow: auto;
  max-height: 52vh;
  margin-top: 8px;
  border: 1px solid ${({ theme }) => theme.line};
  @media print {
    overflow: visible;
    max-height: none;
    border: 0;
  }
`;

/** What a printer's page takes across, m: A4 less its edges. */
const PAGE_M = 0.19;

type Page = 'template' | 'card';
const PAGES: Record<Page, string> = { template: 'template', card: 'fold card' };

/** What is printed for the board: the blank to cut out and lay on the dough, and how to fold it. */
export function TemplateSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const { draft, printer, cold } = line;
  const { piece } = cold.fold;
  const [page, setPage] = useState<Page>('template');
  const { discM, sealM, thicknessM } = draft.fold;
  const box = useRef<HTMLDivElement>(null);
  const save = () => {
    const svg = box.current?.querySelector('svg');
    if (!svg) return;
    const url = URL.createObjectURL(new Blob([new XMLSerializer().serializeToString(svg)], { type: 'image/svg+xml' }));
    const link = document.createElement('a');
    link.href = url;
    link.download = `${draft.name}, ${PAGES[page]}.svg`;
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <Sheet title="Template, true to size" isOpen wide onClose={onClose}>
      {piece && <Choice label="Page" value={page} options={PAGES} onChange={setPage} />}
      <Soft>
        {page === 'card'
          ? 'Stands beside the board: what to weigh, and each act of the hands.'
          : discM > PAGE_M
            ? `${printer.mm(discM)} is wider than an A4 page takes: print it on a larger sheet.`
            : 'Cut it out, lay it on the rolled dough, cut around it. Cake paper or card.'}
      </Soft>
      <Scroll ref={box} data-print tabIndex={0} role="region" aria-label={page === 'card' ? 'Fold card' : 'Template'}>
        {page === 'card' && piece ? (
          <FoldCard
            draft={draft}
            piece={piece}
            captions={stepText(draft, piece, printer)}
            figures={cardFigures(line, piece)}
            notes={CARD_NOTES}
          />
        ) : (
          <TemplateDrawing
            form={draft.form}
            discM={discM}
            lengthM={blankLengthM(draft)}
            sealM={sealM}
            thicknessM={thicknessM}
            name={draft.name}
            outline={draft.fold.outline}
          />
        )}
      </Scroll>
      <Actions>
        <Button onPress={save}>Keep as SVG</Button>
        <Button $look="primary" onPress={() => window.print()}>
          Print at 100 %
        </Button>
      </Actions>
    </Sheet>
  );
}
