import { type Kitchen, parseNumber, RANGES } from '@ember-fold/core';
import { styled } from 'styled-components';
import { editKitchen } from '../data/editKitchen';
import { PHONE } from '../ui/theme';
import { useKitchen } from '../data/useLine';
import { useSave } from '../data/useSave';
import { BoardFields } from '../ui/controls/BoardFields';
import { Choice } from '../ui/controls/Choice';
import { FigureField } from '../ui/controls/FigureField';
import { NameField } from '../ui/controls/NameField';
import { Panel, PanelTitle, Problem, Row, Soft } from '../ui/controls/Panel';
import { MinutesField, TempField } from '../ui/controls/UnitFields';
import { plain } from '../text/printer';
import { HANDS_NAME, REHEAT_NAME } from '../text/storeWords';
import { DevicesPanel } from './DevicesPanel';

const Three = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 14px;
  align-items: start;
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

type Places = 'roomC' | 'fridgeC' | 'freezerC';
const PLACES: Record<Places, string> = {
  roomC: 'Room',
  fridgeC: 'Fridge',
  freezerC: 'Freezer',
};

/** Temperatures, height, hands and the reheating rule: what every plan of this kitchen counts with. */
export function KitchenPage() {
  const known = useKitchen();
  const { problem } = useSave('kitchen');
  if (!known) return null;
  const { kitchen, printer } = known;
  const set = (change: Partial<Kitchen>) => editKitchen((now) => ({ ...now, ...change }));
  return (
    <>
      {problem && <Problem>{problem}</Problem>}
      <Three>
        <Panel>
          <PanelTitle>Place</PanelTitle>
          <NameField label="Kitchen" value={kitchen.name} onChange={(name) => set({ name })} />
          {(Object.entries(PLACES) as [Places, string][]).map(([key, name]) => (
            <Row key={key}>
              <TempField
                label={name}
                value={kitchen[key]}
                {...RANGES.kitchen[key]}
                printer={printer}
                onChange={(tempC) => set({ [key]: tempC })}
              />
            </Row>
          ))}
          <Row>
            <FigureField
              label="Height above the sea"
              value={kitchen.altitudeM}
              print={(m) => plain(m, 0)}
              read={(text) => parseNumber(text.replace(/\s*m$/, ''))}
              {...RANGES.kitchen.altitudeM}
              unit="m"
              expected="metres such as 250"
              onChange={(altitudeM) => set({ altitudeM })}
            />
          </Row>
          <BoardFields kitchen={kitchen} />
        </Panel>
        <Panel>
          <PanelTitle>Hands</PanelTitle>
          {(Object.keys(HANDS_NAME) as (keyof Kitchen['hands'])[]).map((key) => (
            <Row key={key}>
              <MinutesField
                label={HANDS_NAME[key]}
                value={kitchen.hands[key]}
                {...RANGES.kitchen[key]}
                whenNull="0:00"
                onClear={() => set({ hands: { ...kitchen.hands, [key]: 0 } })}
                onChange={(s) => set({ hands: { ...kitchen.hands, [key]: s } })}
              />
            </Row>
          ))}
        </Panel>
        <Panel>
          <PanelTitle>Reheating rule</PanelTitle>
          <Choice
            label="A cooked filling is hot at"
            value={String(kitchen.reheatC ?? 74) as keyof typeof REHEAT_NAME}
            options={REHEAT_NAME}
            onChange={(reheatC) => set({ reheatC: Number(reheatC) })}
          />
          <Soft>
            Countries differ: 74 °C, 75 °C, or 70 °C held for 2 minutes. Local food rules come first. It counts for new
            batches, and where the question of raw parts is answered again.
          </Soft>
        </Panel>
        <DevicesPanel />
      </Three>
    </>
  );
}
