import { COOK as T } from '#text/cook/cookPhrases';
import { useState } from 'react';
import { type Tone, mayNotify, readyToSound, ring, say, useCalls } from '../data/device/bell';
import { Button } from '../ui/controls/button/Button';
import { Problem, Soft } from '../ui/layout/Panel';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import { TickField } from '../ui/controls/field/TickField';

const TONES: Record<Tone, string> = { turn: T.turn, move: T.dropOrTakeOut, danger: T.danger, timer: T.timer };

/** How this device calls the cook; what is heard is always seen as well. */
export function CallsSheet({ onClose }: { readonly onClose: () => void }) {
  const [calls, setCalls] = useCalls();
  const [refused, setRefused] = useState(false);
  const notices = async (wanted: boolean) => {
    const may = wanted && (await mayNotify());
    setRefused(wanted && !may);
    setCalls({ ...calls, notices: may });
  };
  return (
    <Sheet title={T.howThisDeviceCalls} isOpen onClose={onClose}>
      <TickField label={T.tones} value={calls.tones} onChange={(tones) => setCalls({ ...calls, tones })} />
      <TickField label={T.spokenWords} value={calls.speech} onChange={(speech) => setCalls({ ...calls, speech })} />
      <TickField label={T.noticesOverOtherWindows} value={calls.notices} onChange={(on) => void notices(on)} />
      {refused && <Problem>{T.thisBrowserDoesNotAllow}</Problem>}
      <Soft>{T.eachOfThemHasIts}</Soft>
      <Actions>
        {(Object.keys(TONES) as Tone[]).map((tone) => (
          <Button
            key={tone}
            onPress={() => {
              readyToSound();
              ring(tone);
              say(TONES[tone]);
            }}
          >
            {TONES[tone]}
          </Button>
        ))}
      </Actions>
    </Sheet>
  );
}
