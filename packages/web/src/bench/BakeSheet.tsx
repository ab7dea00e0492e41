import { type BakePlan, NO_COAT } from '@ember-fold/core';
import { useEffect, useState } from 'react';
import type { Line } from '../app/useLine';
import { Row, Soft } from '../controls/Panel';
import { Sheet } from '../controls/Sheet';
import { TempField } from '../controls/UnitFields';
import { bakeText } from '../text/bakeText';
import { bakeLatest } from '../workers/planClient';

/** The same piece in an oven, and the oven as the way out for one that opened. */
export function BakeSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const { draft, kitchen, printer } = line;
  const [ovenC, setOvenC] = useState(180);
  const [known, setKnown] = useState<{ readonly ovenC: number; readonly plan: BakePlan | null } | 'failed' | null>(
    null,
  );
  useEffect(() => {
    let gone = false;
    bakeLatest(draft, kitchen, ovenC).then(
      (plan) => !gone && plan && setKnown({ ovenC, plan: plan.plan }),
      () => !gone && setKnown('failed'),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen, ovenC]);
  const { wet } = draft.coat ?? NO_COAT;
  return (
    <Sheet title="Bake instead, or finish in the oven" isOpen onClose={onClose}>
      <Row>
        <TempField label="Oven" value={ovenC} least={150} most={230} printer={printer} onChange={setOvenC} />
      </Row>
      <div role="status">
        {known === 'failed' ? (
          <p>It could not be worked out for this piece.</p>
        ) : known?.ovenC === ovenC ? (
          bakeText(known.plan, wet !== 'none', printer).map((text) => (
            <p key={text} style={{ marginTop: 8 }}>
              {text}
            </p>
          ))
        ) : (
          <Soft>In the oven…</Soft>
        )}
      </div>
    </Sheet>
  );
}
