import { Mic, MicOff } from 'lucide-react';
import { Button } from '../ui/controls/Button';
import { Soft } from '../ui/controls/Panel';
import type { Ear } from './useEar';

/** Turns the ear on and off, and says what it understands. */
export function Listening({ ear: { can, on, failed, toggle } }: { readonly ear: Ear }) {
  if (!can) return <Soft>This browser does not listen.</Soft>;
  return (
    <>
      <Button style={{ minHeight: 64 }} aria-pressed={on} onPress={toggle}>
        {on ? <Mic aria-hidden /> : <MicOff aria-hidden />}
        {on ? 'Listening' : 'Listen to me'}
      </Button>
      <Soft>
        Say “flipped”, “dropped”, “lifted”, “burst”, “to the oven”, “skimmed”, “take back”. It goes on when this is
        closed. Sound may leave this device: it is the browser that listens.
      </Soft>
      {failed && <Soft role="status">The browser could not listen.</Soft>}
    </>
  );
}
