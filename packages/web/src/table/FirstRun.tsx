import { Grid } from '../ui/layout/layout';
import {
  type FirstAsk,
  firstAsk,
  firstKitchen,
  type Kitchen,
  RANGES,
  BURNER_KINDS,
  type BurnerKind,
} from '@ember-fold/core/plan';
import { type ReactNode, useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { api } from '../data/api/api';
import { editKitchen } from '../data/draft/editKitchen';
import { useKept } from '../data/offline/useKept';
import { FIRST_RUN as T } from '#text/table/tablePhrases';
import { BURNER_NAME } from '#text/store/storeWords';
import { Button } from '../ui/controls/button/Button';
import { Choice } from '../ui/controls/choice/Choice';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { Printing } from '../ui/printing';
import { makePrinter } from '../text/printer';
import {
  AltitudePicture,
  CooksPicture,
  PotPicture,
  BurnerPicture,
  ThermometerPicture,
  UnitsPicture,
} from './FirstPictures';
import { AltitudeField } from '../ui/controls/field/MoreFields';
import { CountField, LengthField } from '../ui/controls/field/UnitFields';

const Ask = styled.section`
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
`;

const Ends = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
`;

function One({ picture, children }: { readonly picture: ReactNode; readonly children: ReactNode }) {
  return (
    <Ask>
      {picture}
      <div style={{ display: 'grid', gap: 6 }}>{children}</div>
    </Ask>
  );
}

const isDone = (value: unknown): value is 'done' => value === 'done';

/** Six questions of a kitchen that nobody has set up yet; each has an answer already, and all can wait. */
export function FirstRun() {
  const { data } = api.useKitchenQuery();
  const [done, setDone] = useKept('firstRun', isDone);
  if (!data || data.version > 0 || done) return null;
  return <Questions kitchen={data.kitchen} onDone={() => setDone('done')} />;
}

function Questions({ kitchen, onDone }: { readonly kitchen: Kitchen; readonly onDone: () => void }) {
  const [ask, setAsk] = useState<FirstAsk>(() => firstAsk(kitchen, navigator.language));
  const set = (change: Partial<FirstAsk>) => setAsk((now) => ({ ...now, ...change }));
  const { pot, kitchen: K } = RANGES;
  // Fields follow the units that are chosen here, before they are the kitchen's.
  const printer = useMemo(() => makePrinter(firstKitchen(kitchen, ask)), [kitchen, ask]);
  return (
    <Printing value={printer}>
      <Panel aria-label={T.title} style={{ marginBottom: 14 }}>
        <PanelTitle>{T.title}</PanelTitle>
        <Soft>{T.says}</Soft>
        <Grid $columns="repeat(auto-fill, minmax(min(290px, 100%), 1fr))" $gap="12px 26px" $top={10} $bottom={14}>
          <One picture={<UnitsPicture {...ask} />}>
            <Choice
              label={T.units}
              value={ask.system}
              options={T.systems}
              onChange={(system: FirstAsk['system']) => set({ system })}
            />
          </One>
          <One picture={<PotPicture {...ask} />}>
            <LengthField
              label={T.across}
              value={ask.diameterM}
              {...pot.diameterM}
              onChange={(diameterM) => set({ diameterM })}
            />
            <LengthField label={T.high} value={ask.heightM} {...pot.heightM} onChange={(heightM) => set({ heightM })} />
          </One>
          <One picture={<BurnerPicture {...ask} />}>
            <Pick<BurnerKind>
              label={T.burner}
              value={ask.burner}
              options={
                Object.fromEntries(BURNER_KINDS.map((kind) => [kind, BURNER_NAME[kind]])) as Record<BurnerKind, string>
              }
              onChange={(burner) => set({ burner })}
            />
          </One>
          <One picture={<ThermometerPicture {...ask} />}>
            <Choice
              label={T.thermometer}
              value={ask.thermometer}
              options={T.thermometers}
              onChange={(thermometer: FirstAsk['thermometer']) => set({ thermometer })}
            />
          </One>
          <One picture={<AltitudePicture {...ask} />}>
            <AltitudeField
              label={T.altitude}
              value={ask.altitudeM}
              {...K.altitudeM}
              onChange={(altitudeM) => set({ altitudeM })}
            />
          </One>
          <One picture={<CooksPicture {...ask} />}>
            <CountField label={T.cooks} value={ask.cooks} {...K.cooks} onChange={(cooks) => set({ cooks })} />
          </One>
        </Grid>
        <Ends>
          <Button
            $look="primary"
            onPress={() => {
              editKitchen((now) => firstKitchen(now, ask));
              onDone();
            }}
          >
            {T.done}
          </Button>
          <Button $look="quiet" onPress={onDone}>
            {T.skip}
          </Button>
        </Ends>
      </Panel>
    </Printing>
  );
}
