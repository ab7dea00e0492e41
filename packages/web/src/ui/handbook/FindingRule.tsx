import type { FindingCode } from '@ember-fold/core/plan';
import { ruleOf } from '#text/learn/handbook/rules';
import { SHARED as T } from '#text/shared/sharedPhrases';
import { withTemps } from '../../text/printer';
import { usePrinter } from '../printing';
import { MoreLink } from './cardLook';
import { Explained } from './Explained';
import { useOpenHandbook } from './openHandbook';

const NONE: ReadonlySet<string> = new Set();

/** The rule behind a finding, its terms explained, and the page that says more. */
export function FindingRule({ code }: { readonly code: FindingCode }) {
  const open = useOpenHandbook();
  const { says, page } = ruleOf(code);
  return (
    <span style={{ display: 'block', marginTop: 4 }}>
      <Explained text={withTemps(says, usePrinter())} seen={NONE} onPage={(of) => open({ page: of })} />{' '}
      <MoreLink onPress={() => open({ page })}>{T.moreInTheHandbook}</MoreLink>
    </span>
  );
}
