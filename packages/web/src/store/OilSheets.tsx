import { RANGES } from '@ember-fold/core/plan';
import type { OilSigns } from '@ember-fold/core/stove';
import { useState } from 'react';
import { SIGN_NAME } from '#text/store/oilText';
import { STORE as T } from '#text/store/storePhrases';
import { Button } from '../ui/controls/button/Button';
import { Row, Soft } from '../ui/layout/Panel';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import { TickField } from '../ui/controls/field/TickField';
import { VolumeField } from '../ui/controls/field/MoreFields';

interface JudgeSheetProps {
  readonly name: string;
  readonly onClose: () => void;
  readonly onJudged: (signs: OilSigns) => void;
}

/** What eyes and nose say; any of them means that it is done. */
export function JudgeSheet({ name, onClose, onJudged }: JudgeSheetProps) {
  const [signs, setSigns] = useState<OilSigns>({ dark: false, foams: false, smokesEarly: false, rank: false });
  return (
    <Sheet title={T.lookAt(name)} isOpen onClose={onClose}>
      <p>{T.inAGlassAgainstThe}</p>
      {(Object.keys(SIGN_NAME) as (keyof OilSigns)[]).map((sign) => (
        <TickField
          key={sign}
          label={SIGN_NAME[sign]}
          value={signs[sign]}
          onChange={(seen) => setSigns({ ...signs, [sign]: seen })}
        />
      ))}
      <Actions>
        <Button $look="primary" onPress={() => onJudged(signs)}>
          {Object.values(signs).some(Boolean) ? T.writeItDown : T.nothingWrong}
        </Button>
      </Actions>
    </Sheet>
  );
}

interface TopUpSheetProps {
  readonly name: string;
  readonly onClose: () => void;
  readonly onAdded: (m3: number) => void;
}

export function TopUpSheet({ name, onClose, onAdded }: TopUpSheetProps) {
  const [m3, setM3] = useState(0.0003);
  return (
    <Sheet title={T.topUpNamed(name)} isOpen onClose={onClose}>
      <Soft>{T.freshOilThinsOutWhat}</Soft>
      <Row>
        <VolumeField label={T.freshOil} value={m3} {...RANGES.store.addedM3} onChange={setM3} />
      </Row>
      <Actions>
        <Button $look="primary" onPress={() => onAdded(m3)}>
          {T.added}
        </Button>
      </Actions>
    </Sheet>
  );
}
