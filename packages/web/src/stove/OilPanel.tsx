import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import type { OilNow } from '@ember-fold/core/stove';
import { Minus, Plus } from 'lucide-react';
import { styled } from 'styled-components';
import { figureFont, PHONE } from '../ui/theme';
import { Button } from '../ui/controls/button/Button';
import { Panel, Soft } from '../ui/layout/Panel';
import type { Printer } from '../text/printer';
import { oilSourceText, VERDICT_TEXT } from '#text/stove/stoveWords';
import { RangeGauge } from './RangeGauge';
import { CrumbQuestion } from './CrumbQuestion';

const Box = styled(Panel)`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 66px;
  gap: 10px;
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
    padding-block: 8px;
    > svg {
      display: none;
    }
  }
`;

/** On a phone the words stand beside the figure, so that the pot is in sight too. */
const Reading = styled.div`
  ${PHONE} {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    align-items: center;
    gap: 2px 14px;
    > :first-child,
    > :last-child {
      grid-column: 1 / -1;
    }
  }
`;

const Temperature = styled.div<{ $isSmall: boolean }>`
  ${figureFont}
  font-size: ${({ $isSmall }) => ($isSmall ? 48 : 138)}px;
  font-weight: 720;
  font-stretch: 68%;
  line-height: 0.98;
  display: flex;
  align-items: flex-start;
  gap: 2px;
  small {
    margin-top: 14px;
    font-size: 18px;
    line-height: 1;
  }
  ${PHONE} {
    font-size: 76px;
    small {
      margin-top: 8px;
      font-size: 18px;
    }
  }
`;

const Verdict = styled.p<{ $bad: boolean }>`
  ${figureFont}
  font-size: 29px;
  line-height: 1.05;
  color: ${({ theme, $bad }) => ($bad ? theme.hand : theme.good)};
  &[data-danger] {
    color: ${({ theme }) => theme.stop};
  }
`;

const Burner = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  margin-top: 10px;
  padding-top: 10px;
  border-top: 1px solid ${({ theme }) => theme.line};
  ${PHONE} {
    margin-top: 4px;
    padding-top: 6px;
  }
  > span {
    flex: 1;
    display: grid;
  }
  strong {
    ${figureFont}
    font-size: 21px;
  }
`;

interface OilPanelProps {
  readonly oil: OilNow;
  readonly range: { readonly least: number; readonly most: number };
  readonly cautions: { readonly warnC: number; readonly cutC: number };
  readonly burner: number;
  readonly settings: number;
  readonly printer: Printer;
  /** The device whose readings these are, `null`: an estimate; and how sure that is, °C. */
  readonly probe: string | null;
  readonly spreadC: number | null;
  readonly onBurner: (setting: number) => void;
  /** Oil of the plan, °C; and what a crumb told. */
  readonly oilC: number;
  readonly onOil: (tempC: number, spreadC: number) => void;
}

/** An estimate less sure than this is asked again by a crumb, °C. */
const UNSURE_C = 14;

/** One glance: the oil, whether it is right, where it goes, and the burner setting. */
export function OilPanel(props: OilPanelProps) {
  const { oil, range, cautions, burner, settings, printer, probe, spreadC, onBurner, oilC, onOil } = props;
  const { verdict, probeC, ratePerMin, backInS, offC } = oil;
  const danger = verdict === 'cut-heat' || verdict === 'warn';
  const off = verdict === 'under' || verdict === 'over' ? `${printer.tempSpan(offC)} ${VERDICT_TEXT[verdict]}` : null;
  const rate = Math.round(Math.abs(ratePerMin));
  const moves = rate === 0 ? 'steady' : T.aMinute(ratePerMin > 0 ? 'rising' : 'falling', printer.tempSpan(rate));
  return (
    <Box aria-label={T.oilNow}>
      <Reading>
        <Soft>{oilSourceText(probe, spreadC, printer)}</Soft>
        <Temperature aria-live="off" $isSmall={probe === null && probeC === null}>
          <span data-testid="oil-now">{probeC === null ? '–' : Math.round(printer.degrees(probeC))}</span>
          <small>{printer.temperature === 'F' ? '°F' : '°C'}</small>
        </Temperature>
        <div>
          <Verdict $bad={verdict !== 'in-range'} data-danger={danger || undefined} role="status">
            {off ?? VERDICT_TEXT[verdict]}
          </Verdict>
          <p>{moves}</p>
          <p>{backInS === null ? '\u00a0' : T.inTheRangeIn(printer.time(backInS))}</p>
        </div>
        {probe === null && (spreadC === null || spreadC > UNSURE_C) && <CrumbQuestion oilC={oilC} onOil={onOil} />}
        <Burner role="group" aria-label={T.burner}>
          <span>
            <Soft as="span">{T.burner}</Soft>
            <strong>{burner === 0 ? 'off' : T.of(burner, settings)}</strong>
          </span>
          <Button
            aria-label={T.burnerDown}
            style={{ minHeight: 64, width: 64 }}
            isDisabled={burner <= 0}
            onPress={() => onBurner(burner - 1)}
          >
            <Minus aria-hidden />
          </Button>
          <Button
            aria-label={T.burnerUp}
            style={{ minHeight: 64, width: 64 }}
            isDisabled={burner >= settings}
            onPress={() => onBurner(burner + 1)}
          >
            <Plus aria-hidden />
          </Button>
        </Burner>
      </Reading>
      <RangeGauge probeC={probeC} range={range} cautions={cautions} printer={printer} />
    </Box>
  );
}
