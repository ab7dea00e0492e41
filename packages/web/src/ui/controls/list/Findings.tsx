import { SHARED as T } from '#text/shared/sharedPhrases';
import type { Finding, FindingCode, FindingTone } from '@ember-fold/core/plan';
import { ArrowRight, Check, OctagonAlert, TriangleAlert } from 'lucide-react';
import { Suspense, useState } from 'react';
import { styled } from 'styled-components';
import { TONE_WORD } from '#text/shared/findingText';
import type { Printer } from '../../../text/printer';
import { lazyPart } from '../../lazyPart';

const FindingRule = lazyPart(() => import('../../handbook/FindingRule').then((m) => ({ default: m.FindingRule })));

const ICONS = { good: Check, 'look-out': TriangleAlert, stop: OctagonAlert, know: ArrowRight } as const;
const ORDER: readonly FindingTone[] = ['stop', 'look-out', 'good', 'know'];

export function toneColour(tone: FindingTone): 'good' | 'lookOut' | 'stop' | 'know' {
  return tone === 'look-out' ? 'lookOut' : tone;
}

const Item = styled.li<{ $tone: FindingTone }>`
  display: grid;
  grid-template-columns: 22px 1fr;
  gap: 8px;
  padding: 6px 0;
  border-top: 1px solid ${({ theme }) => theme.line};
  font-size: 14px;
  line-height: 1.35;
  button {
    align-self: start;
    width: 24px;
    min-height: 24px;
    margin: -3px 0 0 -3px;
    padding: 3px;
    border: 0;
    border-bottom: 1px dotted currentcolor;
    color: inherit;
    background: none;
    cursor: help;
  }
  svg {
    display: block;
    color: ${({ theme, $tone }) => theme[toneColour($tone)]};
  }
`;

/** A tone as shape and word. */
export function ToneMark({ tone, size = 18 }: { readonly tone: FindingTone; readonly size?: number }) {
  const Icon = ICONS[tone];
  return <Icon size={size} role="img" aria-label={TONE_WORD[tone]} strokeWidth={2.4} />;
}

interface FindingsProps {
  readonly findings: readonly Finding[];
  readonly printer: Printer;
  /** What each says, by the table of its station. */
  readonly say: (finding: Finding, printer: Printer) => string;
}

/** Sentences, worst first; the sign of each opens the rule behind it. */
export function Findings({ findings, printer, say }: FindingsProps) {
  const [asked, setAsked] = useState<FindingCode | null>(null);
  const sorted = [...findings].sort((a, b) => ORDER.indexOf(a.tone) - ORDER.indexOf(b.tone));
  return (
    <ul aria-label={T.findings}>
      {sorted.map((finding) => {
        const { code, tone } = finding;
        const isAsked = asked === code;
        return (
          <Item key={code} $tone={tone} data-code={code}>
            <button
              type="button"
              aria-expanded={isAsked}
              aria-label={T.whyIs(TONE_WORD[tone])}
              onClick={() => setAsked(isAsked ? null : code)}
            >
              <ToneMark tone={tone} />
            </button>
            <span>
              {say(finding, printer)}
              {isAsked && (
                <Suspense fallback={null}>
                  <FindingRule code={code} />
                </Suspense>
              )}
            </span>
          </Item>
        );
      })}
    </ul>
  );
}
