import { STORE as T } from '#text/store/storePhrases';
import type { Use } from '@ember-fold/core/ledger';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { Asked } from '../ui/controls/choice/Asked';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';

const List = styled.ul`
  li {
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  a {
    display: flex;
    align-items: center;
    min-height: 44px;
  }
`;

interface UseListProps {
  readonly uses: {
    readonly data?: readonly Use[] | undefined;
    readonly error?: unknown;
    readonly refetch: () => unknown;
  };
  readonly nothing: string;
}

/** Where something of the Store is used, each a way to it. */
export function UseList({ uses, nothing }: UseListProps) {
  return (
    <Panel>
      <PanelTitle>{T.whereItIsUsed}</PanelTitle>
      <Asked of={uses} what={T.theUses}>
        {(list) =>
          list.length === 0 ? (
            <Soft>{nothing}</Soft>
          ) : (
            <List aria-label={T.whereItIsUsed}>
              {list.map(({ of, id, name }) => (
                <li key={id}>
                  <Link
                    to={of === 'batch' ? `/bench/${id}` : `/store/formulas/${id}`}
                  >{`${name}, ${of === 'batch' ? 'batch' : 'formula'}`}</Link>
                </li>
              ))}
            </List>
          )
        }
      </Asked>
    </Panel>
  );
}
