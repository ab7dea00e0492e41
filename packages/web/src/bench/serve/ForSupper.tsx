import type { BatchDraft } from '@ember-fold/core/plan';
import { servingsOf, withSupper } from '@ember-fold/core/supper';
import { api } from '../../data/api/api';
import { editBatch } from '../../data/draft/useEdit';
import type { Printer } from '../../text/printer';
import { SUPPER as S } from '#text/table/supperPhrases';
import { Pick } from '../../ui/controls/choice/Pick';

const NONE = 'none';

/** The supper a batch is for, and which of its times; nothing where there is no supper. */
export function ForSupper({ batch, printer }: { readonly batch: BatchDraft; readonly printer: Printer }) {
  const { data: suppers = [] } = api.useSuppersQuery();
  const row = suppers.find(({ id }) => id === batch.supper) ?? null;
  if (suppers.length === 0) return null;
  const servings = row ? servingsOf(row.supper) : [];
  const now = servings.find(({ at }) => Date.parse(at) === Date.parse(batch.eatAt));
  const join = (id: string, eatAt?: string) => {
    const to = suppers.find((one) => one.id === id);
    editBatch('supper', (d) => withSupper(d, to ? id : null, to?.supper ?? null, eatAt));
  };
  return (
    <>
      <Pick
        label={S.forSupper}
        value={row?.id ?? NONE}
        options={{ [NONE]: S.none, ...Object.fromEntries(suppers.map(({ id, supper }) => [id, supper.name])) }}
        onChange={(id) => join(id)}
      />
      {row && servings.length > 1 && (
        <Pick
          label={S.tableAt}
          value={now?.id ?? null}
          options={Object.fromEntries(servings.map(({ id, at }) => [id, printer.clock(Date.parse(at))]))}
          onChange={(id) => join(row.id, servings.find((one) => one.id === id)!.at)}
        />
      )}
    </>
  );
}
