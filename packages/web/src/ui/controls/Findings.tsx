import { SHARED as T } from '../../text/sharedPhrases';
import type { Finding, FindingTone } from '@ember-fold/core';
import { ArrowRight, Check, OctagonAlert, TriangleAlert } from 'lucide-react';
import { useId } from 'react';
import { styled } from 'styled-components';
import { TONE_WORD } from '../../text/findingText';
import type { Printer } from '../../text/printer';
import { Why } from '../handbook/Why';

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
  svg {
    margin-top: 1px;
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

/** Sentences, worst first, each with the rule behind it. */
export function Findings({ findings, printer, say }: FindingsProps) {
  const id = useId();
  const sorted = [...findings].sort((a, b) => ORDER.indexOf(a.tone) - ORDER.indexOf(b.tone));
  return (
    <ul aria-label={T.findings}>
      {sorted.map((finding) => (
        <Item key={finding.code} $tone={finding.tone} data-code={finding.code}>
          <ToneMark tone={finding.tone} />
          <span>
            <span id={`${id}${finding.code}`}>{say(finding, printer)}</span>{' '}
            <Why code={finding.code} saidBy={`${id}${finding.code}`} />
          </span>
        </Item>
      ))}
    </ul>
  );
}
