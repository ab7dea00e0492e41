import { BENCH_SHEETS as BENCH } from '#text/bench/benchSheetPhrases';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import type { LoadWay } from '@ember-fold/core/plan';
import { useEffect, useState } from 'react';
import { editPot } from '../../data/draft/editKitchen';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { Soft } from '../../ui/layout/Panel';
import { Sheet } from '../../ui/controls/sheet/Sheet';
import { WayList } from '../../ui/controls/list/WayList';
import { LOAD_WAY_NAME, loadWayText } from '#text/bench/fry/methodText';
import { loadWaysLatest } from '../../workers/planClient';
import { PotChoice } from './PotChoice';
import { PotOrder } from './PotOrder';

type View = 'one' | 'all';
const VIEWS: Record<View, string> = { one: T.otherLoads, all: T.orderAtThePot };

/** Other ways to divide the batch into loads, each with its dip and its hours; and its place among the others. */
export function LoadSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const edit = useEdit();
  const { draft, kitchen, printer } = line;
  const [view, setView] = useState<View>('one');
  const [ways, setWays] = useState<readonly LoadWay[] | 'failed' | null>(null);
  useEffect(() => {
    let gone = false;
    loadWaysLatest(draft, kitchen).then(
      (found) => !gone && found && setWays(found),
      () => !gone && setWays('failed'),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen]);
  const take = (way: LoadWay) => {
    edit('fry.loadSize', (d) => ({ ...d, fry: { ...d.fry, ...way.fry } }));
    if (Object.keys(way.pot).length > 0) editPot(kitchen.potName, way.pot);
    onClose();
  };
  return (
    <Sheet title={VIEWS[view]} isOpen onClose={onClose} wide>
      <PotChoice line={line} />
      <Choice<View> label={T.loadsOf} hideLabel value={view} options={VIEWS} onChange={setView} />
      {view === 'all' ? (
        <PotOrder line={line} />
      ) : ways === null ? (
        <Soft role="status">{T.fryingThemAll}</Soft>
      ) : ways === 'failed' || ways.length === 0 ? (
        <p>{T.thereIsNothingToDivide}</p>
      ) : (
        <WayList aria-label={T.waysToDivideIt}>
          {ways.map((way) => (
            <li key={way.id}>
              <div>
                <strong>{LOAD_WAY_NAME[way.id]}</strong>
                <Soft>{loadWayText(way, printer)}</Soft>
              </div>
              {way.id !== 'now' && (
                <Button
                  aria-label={`Take: ${LOAD_WAY_NAME[way.id]}`}
                  isDisabled={!way.arm.isSafe}
                  onPress={() => take(way)}
                >
                  {BENCH.useIt}
                </Button>
              )}
            </li>
          ))}
        </WayList>
      )}
    </Sheet>
  );
}
