import { FRY as T } from '../../text/fryPhrases';
import { type BakePlan, NO_COAT, type SplitPlan, RANGES } from '@ember-fold/core';
import { useEffect, useState } from 'react';
import type { Line } from '../../data/useLine';
import { editKitchen } from '../../data/editKitchen';
import { Button } from '../../ui/controls/Button';
import { PanelTitle, Row, Soft } from '../../ui/controls/Panel';
import { Sheet } from '../../ui/controls/Sheet';
import { CountField, MinutesField, TempField } from '../../ui/controls/UnitFields';
import { bakeText, splitText } from '../../text/bakeText';
import { bakeLatest, ovenSeen } from '../../workers/planClient';

interface Known {
  readonly ovenC: number;
  readonly perTray: number;
  readonly plan: BakePlan | null;
  readonly split: SplitPlan | null;
}

/** The same piece in an oven, and the oven as the way out for one that opened. */
export function BakeSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const { draft, kitchen, printer } = line;
  const [ovenC, setOvenC] = useState(180);
  const [perTray, setPerTray] = useState(12);
  const [known, setKnown] = useState<Known | 'failed' | null>(null);
  useEffect(() => {
    let gone = false;
    bakeLatest(draft, kitchen, ovenC, perTray).then(
      (found) => !gone && found && setKnown({ ...found, ovenC, perTray }),
      () => !gone && setKnown('failed'),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen, ovenC, perTray]);
  const { wet } = draft.coat ?? NO_COAT;
  return (
    <Sheet title={T.bakeInsteadOrFinishIn} isOpen onClose={onClose}>
      <Row>
        <TempField label={T.oven} value={ovenC} {...RANGES.oven.ovenC} printer={printer} onChange={setOvenC} />
      </Row>
      <Row>
        <CountField label={T.piecesOnATray} value={perTray} {...RANGES.oven.perTray} onChange={setPerTray} />
      </Row>
      <div role="status">
        {known === 'failed' ? (
          <p>{T.itCouldNotBeWorked}</p>
        ) : known?.ovenC === ovenC && known.perTray === perTray ? (
          [...bakeText(known.plan, wet !== 'none', printer), splitText(known.split, printer)].map((text) => (
            <p key={text} style={{ marginTop: 8 }}>
              {text}
            </p>
          ))
        ) : (
          <Soft>{T.inTheOven}</Soft>
        )}
      </div>
      <OvenSeen line={line} ovenC={ovenC} />
    </Sheet>
  );
}

/** When a bake really was golden: this oven is known better from then on. */
function OvenSeen({ line, ovenC }: { readonly line: Line; readonly ovenC: number }) {
  const { draft, kitchen } = line;
  const [goldenS, setGoldenS] = useState(1500);
  const [said, setSaid] = useState('');
  const note = async () => {
    const factor = await ovenSeen(draft, kitchen, ovenC, goldenS);
    setSaid(factor === null ? T.noOvenDoesThat : T.ovenNoted);
    if (factor === null) return;
    editKitchen((now) => ({ ...now, ovenSeen: [...(now.ovenSeen ?? []), factor].slice(-RANGES.oven.bakes.most) }));
  };
  return (
    <>
      <PanelTitle as="h3" style={{ marginTop: 14 }}>
        {T.howWasIt}
      </PanelTitle>
      <Row>
        <MinutesField
          label={T.goldenAfter}
          value={goldenS}
          least={60}
          most={5400}
          whenNull="25:00"
          onChange={setGoldenS}
          onClear={() => setGoldenS(1500)}
        />
        <Button onPress={() => void note()}>{T.noteBake}</Button>
      </Row>
      <Soft role="status">{said}</Soft>
    </>
  );
}
