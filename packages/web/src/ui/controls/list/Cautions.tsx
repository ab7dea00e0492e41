import { LATER } from '#text/shared/laterPhrases';
import { Baby, DropletOff, Droplets, Eye, FlameKindling, HeartPulse, type LucideIcon } from 'lucide-react';
import { styled } from 'styled-components';
import { type CautionId, cautionsText, DEFERRAL } from '#text/shared/cautions';
import type { Printer } from '../../../text/printer';
import { Soft } from '../../layout/Panel';

const SIGN: Record<CautionId, LucideIcon> = {
  watch: Eye,
  fire: FlameKindling,
  'no-water': DropletOff,
  dry: Droplets,
  children: Baby,
  burns: HeartPulse,
};

const List = styled.ul<{ $narrow: boolean }>`
  display: grid;
  gap: 8px 14px;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 250px), 1fr));
  margin: 10px 0;
  li {
    display: grid;
    grid-template-columns: 28px minmax(0, 1fr);
    gap: 8px;
    font-size: 14px;
    line-height: 1.3;
  }
  ${({ $narrow }) => $narrow && 'gap: 5px; margin: 6px 0 0; li { font-size: 13px; line-height: 1.22; }'}
  svg {
    color: ${({ theme }) => theme.stop};
  }
  strong {
    display: block;
  }
`;

interface CautionsProps {
  readonly printer: Pick<Printer, 'temp'>;
  /** In a narrow column, with what comes first said elsewhere on the page. */
  readonly beside?: boolean;
}

/** The cautions that are always shown, a sign each, read in ten seconds. */
export function Cautions({ printer, beside }: CautionsProps) {
  return (
    <>
      <List aria-label={LATER.cautions} $narrow={beside === true}>
        {cautionsText(printer).map(({ id, title, what }) => {
          const Sign = SIGN[id];
          return (
            <li key={id}>
              <Sign size={26} aria-hidden />
              <span>
                <strong>{title}</strong>
                {what}
              </span>
            </li>
          );
        })}
      </List>
      {!beside && <Soft>{DEFERRAL}</Soft>}
    </>
  );
}
