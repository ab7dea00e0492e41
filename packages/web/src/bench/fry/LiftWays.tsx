import type { LiftWay } from '@ember-fold/core';
import { useEffect, useState } from 'react';
import { useEdit } from '../../data/useEdit';
import type { Line } from '../../data/useLine';
import { FRY as T } from '../../text/fryPhrases';
import { LIFT_WAY_NAME, liftWayText } from '../../text/liftText';
import { Button } from '../../ui/controls/Button';
import { PanelTitle, Soft } from '../../ui/controls/Panel';
import { WayList } from '../../ui/controls/WayList';
import { liftWaysLatest } from '../../workers/planClient';

/** Where no moment to lift is right: what would make one, each with what it leads to, a tap away. */
export function LiftWays({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, kitchen, printer } = line;
  const [ways, setWays] = useState<readonly LiftWay[] | 'failed' | null>(null);
  useEffect(() => {
    let isHere = true;
    liftWaysLatest(draft, kitchen).then(
      (found) => isHere && found && setWays(found),
      () => isHere && setWays('failed'),
    );
    return () => {
      isHere = false;
    };
  }, [draft, kitchen]);
  if (ways === null) return <Soft role="status">{T.lookingForWays}</Soft>;
  if (ways === 'failed' || ways.length === 0) return <p>{T.noSingleWay}</p>;
  return (
    <>
      <PanelTitle as="h3">{T.waysOut}</PanelTitle>
      <WayList aria-label={T.waysOut}>
        {ways.map((way) => (
          <li key={way.id}>
            <div>
              <strong>{LIFT_WAY_NAME[way.id]}</strong>
              <Soft>{liftWayText(way, printer)}</Soft>
            </div>
            <Button
              aria-label={T.takeWay(LIFT_WAY_NAME[way.id])}
              onPress={() => edit('fry.way', (now) => ({ ...now, fold: way.draft.fold, fry: way.draft.fry }))}
            >
              {T.take}
            </Button>
          </li>
        ))}
      </WayList>
    </>
  );
}
