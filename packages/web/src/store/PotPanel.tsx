import { STORE as T } from '#text/store/storePhrases';
import { type Kitchen, type NamedPot, parseNumber, type Pot, RANGES, type BurnerKind } from '@ember-fold/core/plan';
import { useState } from 'react';
import { editKitchen } from '../data/draft/editKitchen';
import { useKitchen } from '../data/draft/useLine';
import { Button } from '../ui/controls/button/Button';
import { FigureField } from '../ui/controls/field/FigureField';
import { NameField } from '../ui/controls/field/NameField';
import { oilApi } from '../data/api/oilApi';
import { Pick } from '../ui/controls/choice/Pick';
import { Panel, PanelTitle, Row, Soft } from '../ui/layout/Panel';
import { VolumeField, PercentField, TempField } from '../ui/controls/field/MoreFields';
import { CountField, GramField, LengthField } from '../ui/controls/field/UnitFields';
import { WayList } from '../ui/controls/list/WayList';
import { plain, type Printer } from '../text/printer';
import { BURNER_NAME } from '#text/store/storeWords';

const FRESH = '';

/** A batch says its pot by name: no two are called the same. */
function freeName(name: string, others: readonly NamedPot[]): string {
  let free = name;
  for (let n = 2; others.some((one) => one.name === free); n++) free = `${name} ${n}`;
  return free;
}

/** The pot that is fried in, on its burner; and others to take instead. */
export function PotPanel() {
  const known = useKitchen();
  if (!known) return null;
  const { kitchen, printer } = known;
  const { pot } = kitchen;
  const set = (change: Partial<Pot>) => editKitchen((now) => ({ ...now, pot: { ...now.pot, ...change } }));
  return (
    <Panel>
      <PanelTitle>{T.potOnItsBurner}</PanelTitle>
      <Row>
        <LengthField
          label={T.across}
          value={pot.diameterM}
          {...RANGES.pot.diameterM}
          onChange={(diameterM) => set({ diameterM })}
        />
      </Row>
      <Row>
        <LengthField
          label={T.high}
          value={pot.heightM}
          {...RANGES.pot.heightM}
          onChange={(heightM) => set({ heightM })}
        />
      </Row>
      <Row>
        <GramField
          label={T.weighsEmpty}
          value={pot.massKg}
          {...RANGES.pot.massKg}
          printer={printer}
          onChange={(massKg) => set({ massKg })}
        />
      </Row>
      <Row>
        <VolumeField
          label={T.coldOilInIt}
          value={pot.oilM3}
          {...RANGES.pot.oilM3}
          onChange={(oilM3) => set({ oilM3 })}
        />
      </Row>
      <Row>
        <FigureField
          label={T.fullPowerOfTheBurner}
          value={pot.burnerW}
          print={(w) => plain(w, 0)}
          read={(text) => parseNumber(text.replace(/\s*w$/i, ''))}
          {...RANGES.pot.burnerW}
          unit="W"
          expected={T.expects.watts}
          onChange={(burnerW) => set({ burnerW })}
        />
      </Row>
      <Pick<BurnerKind>
        label={T.kindOfBurner}
        value={pot.burner ?? 'gas'}
        options={BURNER_NAME}
        onChange={(burner) => {
          const { burnerLagS: _learnt, ...bare } = pot;
          editKitchen((now) => ({ ...now, pot: { ...bare, burner } }));
        }}
      />
      <Row>
        <CountField
          label={T.highestNumberOnItsSetting}
          value={pot.settings}
          {...RANGES.pot.settings}
          onChange={(settings) => set({ settings })}
        />
      </Row>
      <Row>
        <PercentField
          label={T.ofThatReachesTheOil}
          value={pot.efficiency}
          {...RANGES.pot.efficiency}
          onChange={(efficiency) => set({ efficiency })}
        />
      </Row>
      <Row>
        <TempField
          label={T.smokePointWhereNoOil}
          value={pot.smokeC}
          {...RANGES.pot.smokeC}
          printer={printer}
          onChange={(smokeC) => set({ smokeC })}
        />
      </Row>
      <Soft>{T.gasGivesAbout40Of}</Soft>
      <OtherPots kitchen={kitchen} printer={printer} />
    </Panel>
  );
}

/** Pots beside the one on the burner: each with its oil, to fry in, to forget; and this one kept as another. */
function OtherPots({ kitchen, printer }: { readonly kitchen: Kitchen; readonly printer: Printer }) {
  const [name, setName] = useState(T.anotherPot);
  const { data: kept = [] } = oilApi.useOilsQuery();
  const { pot, otherPots = [] } = kitchen;
  // One oil stands in one pot.
  const oils: Record<string, string> = {
    [FRESH]: T.freshOil,
    ...Object.fromEntries(
      kept
        .filter(({ oil, state }) => !state.isGone && oil.id !== kitchen.potOilId)
        .map(({ oil }) => [oil.id, oil.name]),
    ),
  };
  const setOthers = (others: readonly NamedPot[]) => editKitchen((now) => ({ ...now, otherPots: others }));
  const take = (index: number) =>
    editKitchen((now) => {
      const others = now.otherPots ?? [];
      const taken = others[index];
      if (!taken) return now;
      const { potOilId, ...kept } = now;
      // The one before stays, with its oil: none is lost.
      const before = { name: freeName(T.thePotBefore, others), pot: now.pot, ...(potOilId && { oilId: potOilId }) };
      const rest = others.map((one, i) => (i === index ? before : one));
      return { ...kept, pot: taken.pot, otherPots: rest, ...(taken.oilId && { potOilId: taken.oilId }) };
    });
  return (
    <>
      <PanelTitle as="h3" style={{ marginTop: 14 }}>
        {T.otherPots}
      </PanelTitle>
      <WayList aria-label={T.otherPots}>
        {otherPots.map((other, i) => (
          <li key={`${i} ${other.name}`} style={{ flexWrap: 'wrap' }}>
            <div style={{ flex: '1 1 200px' }}>
              <strong>{other.name}</strong>
              <Soft>
                {T.acrossW(
                  printer.length(other.pot.diameterM),
                  printer.volume(other.pot.oilM3),
                  plain(other.pot.burnerW, 0),
                )}
              </Soft>
            </div>
            <Pick<string>
              label={T.oilInIt}
              value={other.oilId !== undefined && other.oilId in oils ? other.oilId : FRESH}
              options={oils}
              onChange={(oilId) =>
                setOthers(
                  otherPots.map((one, j) => {
                    if (j !== i) return one;
                    const { oilId: _before, ...rest } = one;
                    return oilId === FRESH ? rest : { ...rest, oilId };
                  }),
                )
              }
            />
            <Button aria-label={T.fryIn(other.name)} onPress={() => take(i)}>
              {T.fryInIt}
            </Button>
            <Button
              $look="quiet"
              aria-label={T.remove(other.name)}
              onPress={() => setOthers(otherPots.filter((_, j) => j !== i))}
            >
              {T.removeIt}
            </Button>
          </li>
        ))}
      </WayList>
      <NameField label={T.nameOfThisPot} value={name} onChange={setName} />
      <Button
        isDisabled={otherPots.length >= 20}
        onPress={() => setOthers([...otherPots, { name: freeName(name, otherPots), pot }])}
      >
        {T.keepThisPotAsAnother}
      </Button>
    </>
  );
}
