import type { FindingCode } from '@ember-fold/core';
import { ruleOf } from '../../text/handbook/rules';
import { SHARED as T } from '../../text/sharedPhrases';
import { MoreLink } from './cardLook';
import { useOpenHandbook } from './openHandbook';

/** The rule behind a finding, and the page that says more. */
export function FindingRule({ code }: { readonly code: FindingCode }) {
  const open = useOpenHandbook();
  const { says, page } = ruleOf(code);
  return (
    <span style={{ display: 'block', marginTop: 4 }}>
      {says} <MoreLink onPress={() => open(page)}>{T.moreInTheHandbook}</MoreLink>
    </span>
  );
}
