import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { Mic, MicOff } from 'lucide-react';
import { Button } from '../ui/controls/button/Button';
import { Soft } from '../ui/layout/Panel';
import type { Ear } from './useEar';

/** Turns the ear on and off, and says what it understands. */
export function Listening({ ear: { can, on, failed, toggle } }: { readonly ear: Ear }) {
  if (!can) return <Soft>{T.thisBrowserDoesNotListen}</Soft>;
  return (
    <>
      <Button style={{ minHeight: 64 }} aria-pressed={on} onPress={toggle}>
        {on ? <Mic aria-hidden /> : <MicOff aria-hidden />}
        {on ? T.listening : T.listenToMe}
      </Button>
      <Soft>{T.sayTurnedDroppedTakenOutBurst}</Soft>
      {failed && <Soft role="status">{T.theBrowserCouldNotListen}</Soft>}
    </>
  );
}
