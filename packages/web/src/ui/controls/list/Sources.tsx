import { figureSources, type Kitchen, type SourcedFigure, type TrayDraft } from '@ember-fold/core/plan';
import type { CookState } from '@ember-fold/core/stove';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { LEARNT as T, SOURCE_WORD, sourcedName, sourcedValue, sourceText } from '#text/store/learntPhrases';
import { SHARED } from '#text/shared/sharedPhrases';
import type { Printer } from '../../../text/printer';
import { figureFont, PHONE } from '../../theme';
import { Soft } from '../../layout/Panel';
import { Actions, Sheet } from '../sheet/Sheet';

const Figures = styled.ul`
  margin-top: 10px;
  > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 14px;
    padding: 8px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  b {
    ${figureFont}
    font-size: 18px;
    text-align: right;
  }
  small {
    grid-column: 1 / -1;
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
  ${PHONE} {
    > li {
      gap: 2px 8px;
    }
  }
`;

/** How it is known, in a word; learnt ones stand out. */
const Word = styled.span<{ $isLearnt: boolean }>`
  margin-left: 8px;
  font-size: 13px;
  color: ${({ theme, $isLearnt }) => ($isLearnt ? theme.good : theme.soft)};
`;

export interface WhereFromProps {
  readonly draft: TrayDraft;
  /** Asked for when it is opened. */
  readonly plan: () => Parameters<typeof figureSources>[1];
  readonly kitchen: Kitchen;
  readonly printer: Printer;
  /** What was recorded while it was made; absent: nothing. */
  readonly state?: CookState;
}

/** Each figure of a plan with where it comes from: set, measured, learnt, usual, or worked out. */
export function Sources({
  draft,
  plan,
  kitchen,
  printer,
  state,
  onClose,
}: WhereFromProps & { readonly onClose: () => void }) {
  const figures = figureSources(draft, plan(), kitchen, state);
  return (
    <Sheet title={SHARED.whereFrom} isOpen onClose={onClose}>
      <Soft>{T.whereSays}</Soft>
      <Figures aria-label={SHARED.whereFrom}>
        {figures.map((figure) => (
          <Figure key={figure.id} figure={figure} printer={printer} />
        ))}
      </Figures>
      <Actions>
        <Link to="/store/learnt">{T.toLearnt}</Link>
      </Actions>
    </Sheet>
  );
}

function Figure({ figure, printer }: { readonly figure: SourcedFigure; readonly printer: Printer }) {
  const { id, value, source } = figure;
  return (
    <li>
      <span>
        {sourcedName(id)}
        <Word $isLearnt={source.kind === 'learnt'}>{SOURCE_WORD[source.kind]}</Word>
      </span>
      <b>{sourcedValue(id, value, printer)}</b>
      <small>{sourceText(figure, printer)}</small>
    </li>
  );
}
