import { Grid } from '../../ui/layout/layout';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import { type FryArm, FRY_METHODS, type FryMethod, withFryMethod } from '@ember-fold/core/plan';
import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Soft } from '../../ui/layout/Panel';
import { Pick } from '../../ui/controls/choice/Pick';
import { Sheet } from '../../ui/controls/sheet/Sheet';
import { ARM_ROWS, METHOD_NAME } from '#text/bench/fry/methodText';
import { armsLatest } from '../../workers/planClient';

const Table = styled.table`
  width: 100%;
  margin-top: 10px;
  border-collapse: collapse;
  th,
  td {
    height: 36px;
    padding: 2px 8px 2px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
    text-align: left;
    font-weight: 400;
  }
  td {
    font-variant-numeric: tabular-nums;
  }
  tr[data-differs] td {
    font-weight: 640;
  }
`;

type Pair = readonly [FryMethod, FryMethod];

/** The same batch fried two ways, side by side. */
export function MethodsSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const edit = useEdit();
  const { draft, kitchen, printer } = line;
  const [pair, setPair] = useState<Pair>(['slow', 'hot']);
  const [arms, setArms] = useState<readonly (FryArm | null)[] | 'failed' | null>(null);
  useEffect(() => {
    let gone = false;
    armsLatest(draft, kitchen, FRY_METHODS).then(
      (found) => !gone && found && setArms(found),
      () => !gone && setArms('failed'),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen]);
  const shown =
    arms === null || arms === 'failed' ? null : pair.map((method) => arms[FRY_METHODS.indexOf(method)] ?? null);
  return (
    <Sheet title={T.twoMethodsOnePiece} isOpen onClose={onClose}>
      <Grid $columns="1fr 1fr" $gap={12}>
        {([0, 1] as const).map((i) => (
          <Pick<FryMethod>
            key={i}
            label={i === 0 ? T.oneWay : T.theOther}
            value={pair[i]}
            options={METHOD_NAME}
            onChange={(method) => setPair(i === 0 ? [method, pair[1]] : [pair[0], method])}
          />
        ))}
      </Grid>
      {arms === 'failed' ? (
        <p>{T.theyCouldNotBeWorked}</p>
      ) : !shown ? (
        <Soft role="status">{T.fryingBoth}</Soft>
      ) : (
        <Table aria-label={T.twoMethodsSideBySide}>
          <thead>
            <tr>
              <th scope="col">
                <span className="visually-hidden">{T.figure}</span>
              </th>
              {pair.map((method, i) => (
                <th key={i} scope="col">
                  {METHOD_NAME[method]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ARM_ROWS.map(([name, say]) => {
              const texts = shown.map((arm) => (arm ? say(arm, printer) : '–'));
              return (
                <tr key={name} data-differs={texts[0] === texts[1] ? undefined : ''}>
                  <th scope="row">{name}</th>
                  {texts.map((text, i) => (
                    <td key={i}>{text}</td>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </Table>
      )}
      <Grid $columns="1fr 1fr" $gap={12} style={{ marginTop: 14 }}>
        {pair.map((method, i) => (
          <Button
            key={i}
            isDisabled={!shown?.[i]?.isSafe}
            onPress={() => {
              edit('fry.method', (d) => withFryMethod(d, method));
              onClose();
            }}
          >
            {`Take: ${METHOD_NAME[method]}`}
          </Button>
        ))}
      </Grid>
    </Sheet>
  );
}
