import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import type { Danger } from '@ember-fold/core/stove';
import { OctagonAlert } from 'lucide-react';
import { useEffect } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { styled } from 'styled-components';
import { notify, ring, say } from '../data/device/bell';
import { figureFont } from '../ui/theme';
import { Button } from '../ui/controls/button/Button';
import { DANGER } from '#text/stove/stoveWords';

const Whole = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 30;
  display: grid;
  place-items: center;
  padding: 24px;
  color: #fff;
  background: ${({ theme }) => theme.danger};
  text-align: center;
`;

const Words = styled(Dialog)`
  display: grid;
  gap: 18px;
  justify-items: center;
  max-width: 900px;
  outline: none;
  h2 {
    ${figureFont}
    font-size: clamp(44px, 9vw, 110px);
    line-height: 1;
  }
  p {
    font-size: clamp(18px, 2.6vw, 28px);
    line-height: 1.3;
  }
  button {
    min-height: 96px;
    min-width: min(420px, 80vw);
    color: #1c130a;
    background: #fff;
    font-size: 30px;
  }
`;

const AGAIN_MS = 4000;

interface DangerScreenProps {
  readonly danger: Danger;
  /** Which pot. */
  readonly where: string;
  /** What the probe says, printed. */
  readonly oil: string;
  readonly onAct: () => void;
}

/** A danger takes the whole screen, with the one right act. It goes when the danger is gone, or seen to. */
export function DangerScreen({ danger, where, oil, onAct }: DangerScreenProps) {
  const { title, what, button } = DANGER[danger.id];
  useEffect(() => {
    const call = () => {
      ring('danger', 1);
      say(`${title}. ${where}`);
    };
    call();
    notify(`${title}, ${where}. ${what}`, `danger ${where}`);
    const timer = setInterval(call, AGAIN_MS);
    return () => clearInterval(timer);
  }, [title, what, where]);
  return (
    <Whole isOpen isKeyboardDismissDisabled>
      <Modal>
        <Words role="alertdialog">
          <OctagonAlert size={72} aria-hidden />
          <Heading slot="title">{title}</Heading>
          <p>
            <strong>{where}</strong>
            <br />
            {`${oil} ${what}`}
          </p>
          <Button autoFocus onPress={onAct}>
            {danger.act === 'burner-off' ? T.heatIsOff : button}
          </Button>
        </Words>
      </Modal>
    </Whole>
  );
}
