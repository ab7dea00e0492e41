import { Stack } from '../ui/layout/layout';
import { STORE as T } from '#text/store/storePhrases';
import type { FormulaBody, FormulaWithVersions } from '@ember-fold/core/ledger';
import { recipeOfFormula } from '#text/store/recipeOut';
import { Archive, ArchiveRestore, Copy } from 'lucide-react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { storeApi } from '../data/api/storeApi';
import { useKept } from '../data/offline/useKept';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { NameField } from '../ui/controls/field/NameField';
import { Panel, Problem, Soft } from '../ui/layout/Panel';
import { KIND_NAME } from '#text/store/storeWords';
import { FAMILY_WORDS } from '#text/shared/familyWords';
import { useKitchen, usePantry } from '../data/draft/useLine';
import { SaveAs } from '../ui/controls/button/SaveAs';
import { FormulaBodyEditor } from './FormulaBodyEditor';
import { UseList } from './UseList';
import { VersionCompare } from './VersionCompare';

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px 10px;
  margin-bottom: 8px;
  > :first-child {
    min-width: 240px;
  }
`;

/** What is being typed, and the edition it was typed over. */
interface Edited {
  readonly edition: number;
  readonly name: string;
  readonly body: FormulaBody;
}

const isEdited = (value: unknown): value is Edited => {
  const of = value as Partial<Edited> | null;
  return typeof of?.edition === 'number' && typeof of.name === 'string' && Array.isArray(of.body?.lines);
};

/** One formula: its figures, its versions, where it is used; what is typed is kept until it is saved. */
export function FormulaDetail({ id }: { readonly id: string }) {
  const formula = storeApi.useFormulaQuery(id);
  return (
    <Asked of={formula} what={T.theFormula}>
      {(data) => <OpenFormula formula={data} />}
    </Asked>
  );
}

function OpenFormula({ formula }: { readonly formula: FormulaWithVersions }) {
  const { id, edition, archived } = formula;
  const navigate = useNavigate();
  const pantry = usePantry();
  const printer = useKitchen()?.printer;
  const [edited, setEdited] = useKept(`formula.${id}`, isEdited);
  const [save, saving] = storeApi.useSaveFormulaMutation();
  const [make, making] = storeApi.useMakeFormulaMutation();
  const now = edited ?? { edition, name: formula.name, body: formula.body };
  const changedBody = JSON.stringify(now.body) !== JSON.stringify(formula.body);
  const stale = edited !== null && edited.edition !== edition;
  const put = async (change: Partial<Edited & { archived: boolean }>) => {
    const result = await save({ id, archived, name: now.name, body: now.body, ...change, edition });
    if (!('data' in result && result.data)) return;
    // Put away or brought back, what is being typed stays, over the edition that made.
    setEdited(edited && 'archived' in change ? { ...edited, edition: result.data.edition } : null);
  };
  const duplicate = async () => {
    const copyId = crypto.randomUUID();
    const result = await make({ id: copyId, name: T.copy(formula.name).slice(0, 120), body: now.body });
    if ('data' in result && result.data) await navigate(`/store/formulas/${copyId}`);
  };
  const error = saving.error ?? making.error;
  const kind = now.body.kind === 'dough' ? `Dough, ${FAMILY_WORDS[now.body.family].name}` : KIND_NAME[now.body.kind];
  return (
    <Stack $gap={14}>
      <Panel>
        <Head>
          <NameField
            label={T.version(kind, formula.version)}
            value={now.name}
            onChange={(name) => setEdited({ ...now, name })}
          />
          <Button onPress={() => void duplicate()} isDisabled={making.isLoading}>
            <Copy size={17} aria-hidden />
            {T.duplicate}
          </Button>
          <Button
            isDisabled={saving.isLoading}
            onPress={() => void put({ name: formula.name, body: formula.body, archived: !archived })}
          >
            {archived ? <ArchiveRestore size={17} aria-hidden /> : <Archive size={17} aria-hidden />}
            {archived ? T.bringBack : T.archive}
          </Button>
          {printer && (
            <SaveAs of="formula" id={id} name={formula.name} recipe={() => recipeOfFormula(formula, pantry, printer)} />
          )}
        </Head>
        {archived && <Soft role="status">{T.archivedBatchesThatUseIt}</Soft>}
        {stale && <Problem>{T.thisFormulaWasSavedElsewhere}</Problem>}
        {edited && (
          <Head>
            <Button $look="primary" isDisabled={saving.isLoading} onPress={() => void put({})}>
              {changedBody ? T.keepAsVersion(formula.version + 1) : T.keepTheName}
            </Button>
            <Button onPress={() => setEdited(null)}>{T.backToVersion(formula.version)}</Button>
          </Head>
        )}
        {error && <Problem>{problemOf(error).message}</Problem>}
        <FormulaBodyEditor body={now.body} onBody={(body) => setEdited({ ...now, body })} />
      </Panel>
      <VersionCompare formula={formula} edited={changedBody ? now.body : null} />
      <UseList uses={storeApi.useFormulaUsesQuery(id)} nothing={T.nothingUsesItYet} />
    </Stack>
  );
}
