import { BENCH_SHEETS as BENCH } from '../../text/benchSheetPhrases';
import { FRY as T } from '../../text/fryPhrases';
import type { LotWay } from '@ember-fold/core';
import { useEffect, useState } from 'react';
import { editPot } from '../../data/editKitchen';
import { useEdit } from '../../data/useEdit';
import type { Line } from '../../data/useLine';
import { Button } from '../../ui/controls/Button';
import { Choice } from '../../ui/controls/Choice';
import { Soft } from '../../ui/controls/Panel';
import { Sheet } from '../../ui/controls/Sheet';
import { WayList } from '../../ui/controls/WayList';
import { LOT_WAY_NAME, lotWayText } from '../../text/schoolText';
import { lotWaysLatest } from '../../workers/planClient';
import { PotChoice } from './PotChoice';
import { PotOrder } from './PotOrder';

type View = 'one' | 'all';
const VIEWS: Record<View, string> = { one: T.otherLots, all: T.orderAtThePot };

/** Other ways to divide the batch into lots, each with its dip and its hours; and its place among the others. */
export function LotSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const edit = useEdit();
  const { draft, kitchen, printer } = line;
  const [view, setView] = useState<View>('one');
  const [ways, setWays] = useState<readonly LotWay[] | 'failed' | null>(null);
  useEffect(() => {
    let gone = false;
    lotWaysLatest(draft, kitchen).then(
      (found) => !gone && found && setWays(found),
      () => !gone && setWays('failed'),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen]);
  const take = (way: LotWay) => {
    edit('fry.lotSize', (d) => ({ ...d, fry: { ...d.fry, ...way.fry } }));
    if (Object.keys(way.pot).length > 0) editPot(kitchen.potName, way.pot);
    onClose();
  };
  return (
    <Sheet title={VIEWS[view]} isOpen onClose={onClose} wide>
      <PotChoice line={line} />
      <Choice<View> label={T.lotsOf} hideLabel value={view} options={VIEWS} onChange={setView} />
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
                <strong>{LOT_WAY_NAME[way.id]}</strong>
                <Soft>{lotWayText(way, printer)}</Soft>
              </div>
              {way.id !== 'now' && (
                <Button
                  aria-label={`Take: ${LOT_WAY_NAME[way.id]}`}
                  isDisabled={!way.arm.isSafe}
                  onPress={() => take(way)}
                >
                  {BENCH.take2}
                </Button>
              )}
            </li>
          ))}
        </WayList>
      )}
    </Sheet>
  );
}
