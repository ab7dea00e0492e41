import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { type Pot, type Range, RANGES } from '@ember-fold/core/plan';
import type { HandsSeen, StoveFit } from '@ember-fold/core/stove';
import { useState } from 'react';
import { editKitchen } from '../data/draft/editKitchen';
import { Button } from '../ui/controls/button/Button';
import { PanelTitle, Row, Soft } from '../ui/layout/Panel';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import { VolumeField, TempField } from '../ui/controls/field/MoreFields';
import { fitText, handsText } from '#text/stove/stoveWords';
import type { Printer } from '../text/printer';
import { CrumbQuestion } from './CrumbQuestion';
import { Listening } from './Listening';
import type { Ear } from './useEar';

interface MoreSheetProps {
  readonly printer: Printer;
  /** Oil of the plan, °C. */
  readonly oilC: number;
  readonly fit: StoveFit | null;
  readonly hands: HandsSeen;
  readonly onClose: () => void;
  readonly onTopUp: (m3: number) => void;
  readonly onOil: (tempC: number, spreadC: number) => void;
  readonly ear: Ear;
}

/** A thermometer read by eye is this far off, at most, °C. */
const TYPED_SPREAD_C = 3;

/** What is done less often: oil added, oil read without a probe, commands by voice, what the stove is like. */
export function MoreSheet({ printer, oilC, fit, hands, onClose, onTopUp, onOil, ear }: MoreSheetProps) {
  const [m3, setM3] = useState(0.0002);
  const [tempC, setTempC] = useState(oilC);
  const done = (act: () => void) => () => {
    act();
    onClose();
  };
  return (
    <Sheet title={T.more} isOpen onClose={onClose}>
      <PanelTitle as="h3">{T.oilReadWithoutAProbe}</PanelTitle>
      <Row>
        <TempField label={T.thermometer} value={tempC} {...RANGES.stove.oilC} printer={printer} onChange={setTempC} />
        <Button style={{ minHeight: 64 }} onPress={done(() => onOil(tempC, TYPED_SPREAD_C))}>
          {T.noteIt}
        </Button>
      </Row>
      <CrumbQuestion
        oilC={oilC}
        onOil={(tempC, spreadC) => {
          onOil(tempC, spreadC);
          onClose();
        }}
      />
      <PanelTitle as="h3" style={{ marginTop: 14 }}>
        {T.oilAdded}
      </PanelTitle>
      <Row>
        <VolumeField label={T.freshOil} value={m3} {...RANGES.stove.topUpM3} onChange={setM3} />
        <Button style={{ minHeight: 64 }} onPress={done(() => onTopUp(m3))}>
          {T.pouredIn}
        </Button>
      </Row>
      <Soft>{T.slowlyAlongTheWallNever}</Soft>
      <PanelTitle as="h3" style={{ marginTop: 14 }}>
        {T.byVoice}
      </PanelTitle>
      <Listening ear={ear} />
      <PanelTitle as="h3" style={{ marginTop: 14 }}>
        {T.whatThisStoveIsLike}
      </PanelTitle>
      {fit ? (
        <>
          <ul>
            {fitText(fit, printer).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <Actions>
            <Button onPress={done(() => editKitchen((now) => ({ ...now, pot: { ...now.pot, ...fitted(fit) } })))}>
              {T.keepThisForTheNext}
            </Button>
          </Actions>
        </>
      ) : (
        <Soft>{T.knownAfterAFewMinutes}</Soft>
      )}
      <PanelTitle as="h3" style={{ marginTop: 14 }}>
        {T.howQuickTheseHandsAre}
      </PanelTitle>
      <Soft>{handsText(hands)}</Soft>
      {hands.times > 0 && (
        <Actions>
          <Button
            onPress={done(() =>
              editKitchen((now) => ({ ...now, hands: { ...now.hands, turnEachS: Math.round(hands.eachS * 10) / 10 } })),
            )}
          >
            {T.keepTheseHandsForTheNext}
          </Button>
        </Actions>
      )}
    </Sheet>
  );
}

const within = (value: number, { least, most }: Range) => Math.min(most, Math.max(least, value));

/** What was found, within what a kitchen may hold. */
function fitted(fit: StoveFit): Pick<Pot, 'efficiency' | 'lossWPerK' | 'probeLagS' | 'burnerLagS'> {
  return {
    efficiency: within(fit.efficiency.value, RANGES.pot.efficiency),
    lossWPerK: within(fit.lossWPerK.value, RANGES.pot.lossWPerK),
    probeLagS: within(fit.probeLagS.value, RANGES.pot.probeLagS),
    burnerLagS: within(fit.burnerLagS.value, RANGES.pot.burnerLagS),
  };
}
