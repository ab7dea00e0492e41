import { LATER } from '#text/shared/laterPhrases';
import { X } from 'lucide-react';
import { type ReactNode, useEffect } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { useBlocker } from 'react-router';
import { styled } from 'styled-components';
import { figureFont } from '../../theme';
import { Button } from '../button/Button';

const Shade = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 20;
  display: grid;
  /* What comes later makes it longer; nothing that is reached for moves meanwhile. */
  place-items: start center;
  padding: 4vh 16px 16px;
  background: rgb(10 14 12 / 60%);
`;

const Paper = styled(Modal)<{ $wide: boolean }>`
  width: min(${({ $wide }) => ($wide ? 860 : 520)}px, 100%);
  max-height: 92vh;
  overflow: auto;
  padding: 22px;
  border-radius: 14px;
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.panel};
  h2 {
    ${figureFont}
    font-size: 22px;
  }
  [role='dialog'],
  [role='alertdialog'] {
    outline: none;
  }
`;

const Head = styled.div`
  display: flex;
  align-items: flex-start;
  gap: 12px;
  margin-bottom: 10px;
  h2 {
    flex: 1;
    padding-top: 6px;
  }
`;

export const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 10px;
  margin-top: 18px;
`;

interface SheetProps {
  readonly title: string;
  readonly isOpen: boolean;
  readonly onClose: () => void;
  /** Needs an answer: clicking beside it does not close it. */
  readonly alert?: boolean;
  /** Two columns, or a large drawing. */
  readonly wide?: boolean;
  readonly children: ReactNode;
}

/** While it is shown, the way back closes the sheet; the page under it stays. */
function BackCloses({ onClose }: Pick<SheetProps, 'onClose'>) {
  const { state, reset } = useBlocker(({ historyAction }) => historyAction === 'POP');
  useEffect(() => {
    if (state !== 'blocked') return;
    reset();
    onClose();
  }, [state, reset, onClose]);
  return null;
}

/** A sheet over the page. */
export function Sheet({ title, isOpen, onClose, alert = false, wide = false, children }: SheetProps) {
  return (
    <Shade isOpen={isOpen} onOpenChange={(open) => !open && onClose()} isDismissable={!alert}>
      <Paper $wide={wide}>
        <Dialog role={alert ? 'alertdialog' : 'dialog'}>
          <Head>
            <Heading slot="title">{title}</Heading>
            {!alert && (
              <Button $look="quiet" style={{ padding: 0, width: 44 }} aria-label={LATER.close} onPress={onClose}>
                <X size={20} aria-hidden />
              </Button>
            )}
          </Head>
          <BackCloses onClose={onClose} />
          {children}
        </Dialog>
      </Paper>
    </Shade>
  );
}
