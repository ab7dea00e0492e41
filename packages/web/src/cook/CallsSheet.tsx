import { useState } from 'react';
import { type Tone, mayNotify, readyToSound, ring, say, useCalls } from '../data/bell';
import { Button } from '../ui/controls/Button';
import { Problem, Soft } from '../ui/controls/Panel';
import { Actions, Sheet } from '../ui/controls/Sheet';
import { TickField } from '../ui/controls/TickField';

const TONES: Record<Tone, string> = { turn: 'Turn', move: 'Drop or lift', danger: 'Danger', timer: 'Timer' };

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
    <Sheet title="How this device calls" isOpen onClose={onClose}>
      <TickField label="Tones" value={calls.tones} onChange={(tones) => setCalls({ ...calls, tones })} />
      <TickField label="Spoken words" value={calls.speech} onChange={(speech) => setCalls({ ...calls, speech })} />
      <TickField label="Notices over other windows" value={calls.notices} onChange={(on) => void notices(on)} />
      {refused && <Problem>This browser does not allow notices from here.</Problem>}
      <Soft>Each of them has its twin on the screen. A browser lets a page sound only after it has been touched.</Soft>
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
