import { useState } from 'react';
import type { Line } from '../../data/draft/useLine';
import { noteBake } from '../../data/draft/noteBake';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import { Button } from '../../ui/controls/button/Button';
import { PanelTitle, Row, Soft } from '../../ui/layout/Panel';
import { MinutesField } from '../../ui/controls/field/MoreFields';

/** When a bake really was golden: this oven is known better from then on. */
export function OvenSeen({ line, ovenC }: { readonly line: Line; readonly ovenC: number }) {
  const { draft, kitchen } = line;
  const [goldenS, setGoldenS] = useState(1500);
  const [said, setSaid] = useState('');
  const note = async () => {
    setSaid((await noteBake(draft, kitchen, ovenC, goldenS)) ? T.ovenNoted : T.noOvenDoesThat);
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
