import { STORE as T } from '#text/store/storePhrases';
import { type Kitchen, RANGES, TURN_EACH_S } from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { editKitchen } from '../data/draft/editKitchen';
import { PHONE } from '../ui/theme';
import { useKitchen } from '../data/draft/useLine';
import { useSave } from '../data/draft/useSave';
import { TickField } from '../ui/controls/field/TickField';
import { BoardFields } from '../ui/controls/field/BoardFields';
import { Choice } from '../ui/controls/choice/Choice';
import { NameField } from '../ui/controls/field/NameField';
import { Panel, PanelTitle, Problem, Row, Soft } from '../ui/layout/Panel';
import { AltitudeField, MinutesField, OptionalCountField, TempField } from '../ui/controls/field/MoreFields';
import { CountField } from '../ui/controls/field/UnitFields';
import { withTemps } from '../text/printer';
import { FIRST_RUN } from '#text/table/tablePhrases';
import { HANDS_NAME, REHEAT_NAME } from '#text/store/storeWords';
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
  roomC: T.room,
  fridgeC: T.fridge,
  freezerC: T.freezer,
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
          <PanelTitle>{T.place}</PanelTitle>
          <NameField label={T.kitchen} value={kitchen.name} onChange={(name) => set({ name })} />
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
            <AltitudeField
              label={T.heightAboveTheSea}
              value={kitchen.altitudeM}
              {...RANGES.kitchen.altitudeM}
              onChange={(altitudeM) => set({ altitudeM })}
            />
          </Row>
          <Choice
            label={FIRST_RUN.thermometer}
            value={kitchen.thermometer ?? 'some'}
            options={FIRST_RUN.thermometers}
            onChange={(has) =>
              editKitchen(({ thermometer: _before, ...now }) =>
                has === 'none' ? { ...now, thermometer: 'none' as const } : now,
              )
            }
          />
          {(['fridgeTrays', 'freezerTrays', 'coolingDishes'] as const).map((room) => (
            <Row key={room}>
              <OptionalCountField
                label={T[room]}
                value={kitchen[room] ?? null}
                {...RANGES.kitchen[room]}
                whenNull="–"
                onChange={(holds) => set({ [room]: holds })}
                onClear={() => editKitchen(({ [room]: _before, ...now }) => now)}
              />
            </Row>
          ))}
          <TickField
            label={T.oneCutter}
            value={kitchen.oneCutter === true}
            onChange={(is) =>
              editKitchen(({ oneCutter: _before, ...now }) => (is ? { ...now, oneCutter: true as const } : now))
            }
          />
          <BoardFields kitchen={kitchen} />
        </Panel>
        <Panel>
          <PanelTitle>{T.hands}</PanelTitle>
          <Row>
            <CountField
              label={FIRST_RUN.cooks}
              value={kitchen.cooks ?? 1}
              {...RANGES.kitchen.cooks}
              onChange={(cooks) => set({ cooks })}
            />
          </Row>
          {(Object.keys(HANDS_NAME) as (keyof Kitchen['hands'])[]).map((key) => (
            <Row key={key}>
              <MinutesField
                label={HANDS_NAME[key]}
                value={kitchen.hands[key] ?? TURN_EACH_S}
                {...RANGES.kitchen[key]}
                whenNull="0:00"
                onClear={() => set({ hands: { ...kitchen.hands, [key]: RANGES.kitchen[key].least } })}
                onChange={(s) => set({ hands: { ...kitchen.hands, [key]: s } })}
              />
            </Row>
          ))}
        </Panel>
        <Panel>
          <PanelTitle>{T.reheatingRule}</PanelTitle>
          <Choice
            label={T.aCookedFillingIsHot}
            value={String(kitchen.reheatC ?? 74) as keyof typeof REHEAT_NAME}
            options={{
              '74': withTemps(REHEAT_NAME['74'], printer),
              '75': withTemps(REHEAT_NAME['75'], printer),
              '70': withTemps(REHEAT_NAME['70'], printer),
            }}
            onChange={(reheatC) => set({ reheatC: Number(reheatC) })}
          />
          <Soft>{withTemps(T.countriesDiffer74C75, printer)}</Soft>
        </Panel>
        <DevicesPanel />
      </Three>
    </>
  );
}
