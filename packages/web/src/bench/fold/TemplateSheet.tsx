import { withTemps } from '../../text/printer';
import { FOLD_SHEETS as T } from '#text/bench/fold/foldSheetPhrases';
import { blankLengthM } from '@ember-fold/core/plan';
import { useRef, useState } from 'react';
import { styled } from 'styled-components';
import { fileName, saveFile } from '../../data/device/saveFile';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { Soft } from '../../ui/layout/Panel';
import { Actions, Sheet } from '../../ui/controls/sheet/Sheet';
import { FoldCard } from '../../ui/drawing/FoldCard';
import { TemplateDrawing } from '../../ui/drawing/TemplateDrawing';
import { cardFigures, CARD_NOTES } from '#text/bench/fold/cardText';
import { stepText } from '#text/bench/fold/stepText';

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
const PAGES: Record<Page, string> = { template: 'template', card: T.foldCard };

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
    const name = fileName(`${draft.name}, ${PAGES[page]}`, 'svg');
    saveFile(name, 'image/svg+xml', new XMLSerializer().serializeToString(svg));
  };
  return (
    <Sheet title={T.templateTrueToSize} isOpen wide onClose={onClose}>
      {piece && <Choice label={T.page} value={page} options={PAGES} onChange={setPage} />}
      <Soft>
        {page === 'card'
          ? T.standsBesideTheBoardWhat
          : discM > PAGE_M
            ? T.isWiderThanThePage(printer.length(discM))
            : T.cutItOutLayIt}
      </Soft>
      <Scroll
        ref={box}
        data-print
        tabIndex={0}
        role="region"
        aria-label={page === 'card' ? T.foldCardTitle : T.template}
      >
        {page === 'card' && piece ? (
          <FoldCard
            draft={draft}
            piece={piece}
            captions={stepText(draft, piece, printer)}
            figures={cardFigures(line, piece)}
            notes={CARD_NOTES.map((note) => withTemps(note, printer))}
          />
        ) : (
          <TemplateDrawing
            shape={draft.shape}
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
        <Button onPress={save}>{T.keepAsSvg}</Button>
        <Button $look="primary" onPress={() => window.print()}>
          {T.printAtFullSize}
        </Button>
      </Actions>
    </Sheet>
  );
}
