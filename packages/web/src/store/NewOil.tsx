import { RANGES } from '@ember-fold/core/plan';
import { OIL_KINDS } from '@ember-fold/core/stove';
import { useState } from 'react';
import { problemOf } from '../data/api/api';
import { editKitchen } from '../data/draft/editKitchen';
import { oilApi } from '../data/api/oilApi';
import { usePantry } from '../data/draft/useLine';
import type { Printer } from '../text/printer';
import { STORE as T } from '#text/store/storePhrases';
import { Button } from '../ui/controls/button/Button';
import { NameField } from '../ui/controls/field/NameField';
import { Panel, PanelTitle, Problem, Row, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { VolumeField, TempField } from '../ui/controls/field/MoreFields';

type KindId = (typeof OIL_KINDS)[number]['ingredientId'];

/** Fresh oil, from the bottle. */
export function NewOil({ printer }: { readonly printer: Printer }) {
  const pantry = usePantry();
  const [add, adding] = oilApi.useAddOilMutation();
  const [asked, setAsked] = useState({
    id: crypto.randomUUID() as string,
    name: T.freshOil,
    ingredientId: OIL_KINDS[0]!.ingredientId,
    smokeC: OIL_KINDS[0]!.smokeC,
    m3: 0.002,
  });
  const set = (change: Partial<typeof asked>) => setAsked((now) => ({ ...now, ...change }));
  const names = Object.fromEntries(
    OIL_KINDS.map(({ ingredientId }) => [ingredientId, pantry.find(ingredientId).name]),
  ) as Record<KindId, string>;
  const take = async () => {
    const made = await add(asked);
    if (!('data' in made)) return;
    editKitchen((now) => ({ ...now, potOilId: asked.id }));
    set({ id: crypto.randomUUID(), name: T.freshOil });
  };
  return (
    <Panel>
      <PanelTitle>{T.freshOil}</PanelTitle>
      <NameField label={T.nameOfTheOil} value={asked.name} onChange={(name) => set({ name })} />
      <Pick<KindId>
        label={T.whatItIs}
        value={asked.ingredientId}
        options={names}
        onChange={(ingredientId) =>
          set({ ingredientId, smokeC: OIL_KINDS.find((kind) => kind.ingredientId === ingredientId)!.smokeC })
        }
      />
      <Row>
        <TempField
          label={T.smokePointOnTheBottle}
          value={asked.smokeC}
          {...RANGES.pot.smokeC}
          printer={printer}
          onChange={(smokeC) => set({ smokeC })}
        />
      </Row>
      <Row>
        <VolumeField label={T.intoThePot} value={asked.m3} {...RANGES.store.filledM3} onChange={(m3) => set({ m3 })} />
      </Row>
      {adding.error && <Problem>{problemOf(adding.error).message}</Problem>}
      <Button onPress={() => void take()} isDisabled={adding.isLoading}>
        {T.keepItAndFryIn}
      </Button>
      <Soft style={{ marginTop: 6 }}>{T.refinedWithAHighSmoke}</Soft>
    </Panel>
  );
}
