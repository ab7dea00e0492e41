import { FRY as T } from '#text/bench/fry/fryPhrases';
import { type BakePlan, NO_COATING, type SplitPlan, RANGES } from '@ember-fold/core/plan';
import { useEffect, useState } from 'react';
import type { Line } from '../../data/draft/useLine';
import { useEdit } from '../../data/draft/useEdit';
import { Button } from '../../ui/controls/button/Button';
import { Row, Soft } from '../../ui/layout/Panel';
import { Sheet } from '../../ui/controls/sheet/Sheet';
import { TempField } from '../../ui/controls/field/MoreFields';
import { CountField } from '../../ui/controls/field/UnitFields';
import { bakeText, splitText } from '#text/bench/fry/bakeText';
import { bakeLatest } from '../../workers/planClient';
import { OvenSeen } from './OvenSeen';

interface Known {
  readonly ovenC: number;
  readonly perTray: number;
  readonly plan: BakePlan | null;
  readonly split: SplitPlan | null;
}

/** The same piece in an oven, and the oven as the remedy for one that burst. */
export function BakeSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const { draft, kitchen, printer } = line;
  const edit = useEdit();
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
  const { wet } = draft.coating ?? NO_COATING;
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
      <Button
        onPress={() => {
          edit('way', (d) => ({ ...d, way: 'bake', bake: { ovenC, minutesS: null, perSheet: perTray } }));
          onClose();
        }}
      >
        {T.bakeThisTray(printer.temp(ovenC))}
      </Button>
      <Button
        $look="quiet"
        style={{ padding: 0 }}
        onPress={() => {
          edit('fry.crispC', (d) => {
            const { crispC, ...fry } = d.fry;
            return { ...d, fry: crispC === undefined ? { ...fry, crispC: ovenC } : fry };
          });
          onClose();
        }}
      >
        {draft.fry.crispC === undefined ? T.fryEarlyAndCrisp(printer.temp(ovenC)) : T.eatFromTheOil}
      </Button>
      <Button
        $look="quiet"
        style={{ padding: 0 }}
        onPress={() => {
          edit('fry.thenOven.ovenC', (d) => {
            const { thenOven, ...fry } = d.fry;
            return { ...d, fry: thenOven ? fry : { ...fry, minutesS: null, thenOven: { ovenC, minutesS: null } } };
          });
          onClose();
        }}
      >
        {draft.fry.thenOven ? T.noOven : T.finishInOven(printer.temp(ovenC))}
      </Button>
      <OvenSeen line={line} ovenC={ovenC} />
    </Sheet>
  );
}
