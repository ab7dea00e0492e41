import type { LedgerRecord } from '@ember-fold/core/ledger';
import { X } from 'lucide-react';
import { useState } from 'react';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { recordApi } from '../data/api/recordApi';
import { LEDGER as T } from '#text/ledger/ledgerPhrases';
import { Button } from '../ui/controls/button/Button';
import { NameField } from '../ui/controls/field/NameField';
import { PanelTitle, Problem, Row } from '../ui/layout/Panel';

const Chips = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 6px;
  li {
    display: inline-flex;
    align-items: center;
    gap: 2px;
    padding-left: 12px;
    border: 1px solid ${({ theme }) => theme.edge};
    border-radius: 22px;
    font-size: 15px;
  }
  button {
    width: 44px;
    min-height: 44px;
    padding: 0;
  }
`;

/** Words a record is found by: each taken off by a tap, another added by typing. */
export function RecordTags({ id, tags }: Pick<LedgerRecord, 'id' | 'tags'>) {
  const [typed, setTyped] = useState('');
  const [setTag, { error }] = recordApi.useSetTagMutation();
  const { data: known = [] } = recordApi.useTagsQuery();
  const add = (text: string) => {
    const tag = text.trim();
    if (tag === '') return;
    setTyped('');
    void setTag({ id, tag, on: true });
  };
  const others = known.filter(({ tag }) => !tags.includes(tag)).slice(0, 6);
  return (
    <section aria-label={T.tags} style={{ marginTop: 12 }}>
      <PanelTitle as="h3">{T.tags}</PanelTitle>
      {tags.length > 0 && (
        <Chips aria-label={T.tags}>
          {tags.map((tag) => (
            <li key={tag}>
              {tag}
              <Button $look="quiet" aria-label={T.removeTag(tag)} onPress={() => void setTag({ id, tag, on: false })}>
                <X size={16} aria-hidden />
              </Button>
            </li>
          ))}
        </Chips>
      )}
      <Row
        as="form"
        onSubmit={(event: { preventDefault: () => void }) => {
          event.preventDefault();
          add(typed);
        }}
      >
        <NameField label={T.addTag} value={typed} onChange={setTyped} />
        <Button type="submit" isDisabled={typed.trim() === ''}>
          {T.add}
        </Button>
      </Row>
      {others.length > 0 && (
        <p>
          {others.map(({ tag }) => (
            <Button key={tag} $look="quiet" onPress={() => add(tag)}>
              {`+ ${tag}`}
            </Button>
          ))}
        </p>
      )}
      {error && <Problem>{problemOf(error).message}</Problem>}
    </section>
  );
}
