import { Label, Slider, SliderThumb, SliderTrack } from 'react-aria-components';
import { styled } from 'styled-components';

const Wrap = styled(Slider)`
  display: grid;
  gap: 2px;
  padding: 6px 0;
  > span:first-child {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

const Track = styled(SliderTrack)`
  position: relative;
  height: 44px;
  margin: 0 12px;
  &::before {
    content: '';
    position: absolute;
    inset: 19px -12px;
    border-radius: 3px;
    background: ${({ theme }) => theme.well};
    border: 1px solid ${({ theme }) => theme.line};
  }
`;

/** What is dragged, wherever something slides. */
export const Thumb = styled(SliderThumb)`
  top: 50%;
  width: 26px;
  height: 26px;
  border-radius: 50%;
  border: 3px solid ${({ theme }) => theme.panel};
  background: ${({ theme }) => theme.bar};
  box-shadow: 0 0 0 1px ${({ theme }) => theme.edge};
  cursor: grab;
  &[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.know};
    outline-offset: 2px;
  }
`;

const Ends = styled.div`
  display: flex;
  justify-content: space-between;
  font-size: 13px;
  color: ${({ theme }) => theme.soft};
`;

interface SlideProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  /** What either end means. */
  readonly ends: readonly [string, string];
  readonly onChange: (value: number) => void;
}

const PERCENT = { style: 'percent' } as const;

/** A share between two ends. */
export function Slide({ label, value, least, most, step, ends, onChange }: SlideProps) {
  return (
    <Wrap
      value={Math.min(most, Math.max(least, value))}
      minValue={least}
      maxValue={most}
      step={step}
      formatOptions={PERCENT}
      onChange={(next) => onChange(next as number)}
    >
      <Label>{label}</Label>
      <Track>
        <Thumb />
      </Track>
      <Ends aria-hidden>
        <span>{ends[0]}</span>
        <span>{ends[1]}</span>
      </Ends>
    </Wrap>
  );
}
