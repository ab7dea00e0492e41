import { withTemps } from '../../text/printer';
import { BENCH_SHEETS as BENCH } from '#text/bench/benchSheetPhrases';
import { FILLING as T } from '#text/bench/filling/fillingPhrases';
import { coolingWays, type Kitchen, RANGES } from '@ember-fold/core/plan';
import { useMemo } from 'react';
import { editKitchen } from '../../data/draft/editKitchen';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Row, Soft } from '../../ui/layout/Panel';
import { Sheet } from '../../ui/controls/sheet/Sheet';
import { WayList } from '../../ui/controls/list/WayList';
import { LengthField } from '../../ui/controls/field/UnitFields';
import { PLACE_NAME } from '#text/shared/words';

/** The dish belongs to the kitchen: it is the same one next time. */
function DishFields({ dish }: { readonly dish: Kitchen['dish'] }) {
  const set = (change: Partial<Kitchen['dish']>) =>
    editKitchen((kitchen) => ({ ...kitchen, dish: { ...kitchen.dish, ...change } }));
  return (
    <>
      <Row>
        <LengthField
          label={T.dishLength}
          value={dish.lengthM}
          {...RANGES.kitchen.dishM}
          onChange={(lengthM) => set({ lengthM })}
        />
      </Row>
      <Row>
        <LengthField
          label={T.dishWidth}
          value={dish.widthM}
          {...RANGES.kitchen.dishM}
          onChange={(widthM) => set({ widthM })}
        />
      </Row>
    </>
  );
}

/** Every way this kitchen can cool the filling, quickest first; one tap takes it. */
export function CoolingSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const edit = useEdit();
  const { draft, kitchen, printer, cold } = line;
  const { fatPercent } = cold.dough.figures;
  const ways = useMemo(() => coolingWays(draft, kitchen, fatPercent), [draft, kitchen, fatPercent]);
  return (
    <Sheet title={T.waysToCoolIt} isOpen onClose={onClose}>
      <DishFields dish={kitchen.dish} />
      <Soft>{withTemps(T.coolingGuideline, printer)}</Soft>
      <WayList aria-label={T.waysToCool}>
        {ways.map(({ place, dishes, depthM, cooling }) => {
          const name = `${PLACE_NAME[place]}, ${dishes === 1 ? T.oneDish : T.twoDishes}`;
          const now = place === draft.filling.place && dishes === (draft.filling.dishes ?? 1);
          const fold = cooling?.toFoldS == null ? T.notWithin12H : T.after(printer.time(cooling.toFoldS));
          return (
            <li key={name}>
              <div>
                <strong>{`${name[0]!.toUpperCase()}${name.slice(1)}`}</strong>
                <Soft>
                  {cooling
                    ? T.deepReadyToFold(
                        printer.length(depthM),
                        fold,
                        cooling.passesFirstTarget ? '' : T.tooSlowToBeSafe,
                      )
                    : T.deepTooDeepToCool(printer.length(depthM))}
                </Soft>
              </div>
              <Button
                aria-label={now ? BENCH.asNow(name) : T.coolIn(name)}
                isDisabled={now}
                onPress={() => {
                  edit('filling.place', (d) => ({ ...d, filling: { ...d.filling, place, dishes } }));
                  onClose();
                }}
              >
                {now ? BENCH.asNowTitle : BENCH.useIt}
              </Button>
            </li>
          );
        })}
      </WayList>
    </Sheet>
  );
}
