import type { FindingCode } from '@ember-fold/core';
import { memo } from 'react';
import { Dialog, DialogTrigger } from 'react-aria-components';
import { ruleOf } from '../../text/handbook/rules';
import { SHARED as T } from '../../text/sharedPhrases';
import { Card, Dotted, MoreLink } from './cardLook';
import { useOpenHandbook } from './openHandbook';

interface WhyProps {
  readonly code: FindingCode;
  /** Of the sentence that it explains. */
  readonly saidBy: string;
}

/** Behind a finding: the rule it comes from, and the page that says more. */
export const Why = memo(function Why({ code, saidBy }: WhyProps) {
  const open = useOpenHandbook();
  const { says, page } = ruleOf(code);
  return (
    <DialogTrigger>
      <Dotted aria-describedby={saidBy}>{T.why}</Dotted>
      <Card>
        <Dialog aria-label={T.why}>
          {({ close }) => (
            <>
              <p>{says}</p>
              <MoreLink
                onPress={() => {
                  close();
                  open(page);
                }}
              >
                {T.moreInTheHandbook}
              </MoreLink>
            </>
          )}
        </Dialog>
      </Card>
    </DialogTrigger>
  );
});
