import { BENCH as T } from '#text/bench/benchPhrases';
import type { Station } from '@ember-fold/core/plan';
import { memo, useEffect, useRef, useState } from 'react';
import { NavLink, useLocation, useParams } from 'react-router';
import { keyframes, styled } from 'styled-components';
import { figureFont } from '../ui/theme';
import type { Line } from '../data/draft/useLine';
import { ToneMark, toneColour } from '../ui/controls/list/Findings';
import { COMING, lineText, type StationText } from '#text/bench/lineText';

/** Narrower than this the five stations do not stand side by side: the line scrolls. */
const NARROW = '@media (max-width: 1080px)';

const Strip = styled.nav`
  display: flex;
  margin-bottom: 14px;
  ${NARROW} {
    overflow-x: auto;
    margin: 0 -12px 12px;
    padding: 2px 12px;
    scroll-snap-type: x proximity;
  }
`;

const NOTCH = 18;

const Stop = styled(NavLink)<{ $first: boolean; $last: boolean }>`
  flex: 1 1 0;
  min-width: 0;
  position: relative;
  display: block;
  min-height: 92px;
  padding: 11px ${NOTCH + 8}px 10px ${({ $first }) => ($first ? 16 : NOTCH + 14)}px;
  margin-left: ${({ $first }) => ($first ? 0 : -NOTCH + 6)}px;
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.panel};
  text-decoration: none;
  border-radius: ${({ $first, $last }) => ($first ? '12px 0 0 12px' : $last ? '0 12px 12px 0' : 0)};
  clip-path: polygon(
    0 0,
    calc(100% - ${NOTCH}px) 0,
    100% 50%,
    calc(100% - ${NOTCH}px) 100%,
    0 100%,
    ${({ $first }) => ($first ? '0' : `${NOTCH}px`)} 50%
  );
  scroll-snap-align: center;
  &[aria-current='page'] {
    color: ${({ theme }) => theme.barInk};
    background: ${({ theme }) => theme.bar};
  }
  &:focus-visible {
    outline-offset: -5px;
  }
  ${NARROW} {
    flex: 0 0 238px;
  }
  .head {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    font-size: 13px;
  }
  .figure {
    ${figureFont}
    display: block;
    font-size: 23px;
    line-height: 1.25;
    white-space: nowrap;
    transform-origin: left;
  }
  .detail {
    display: block;
    font-size: 13px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    opacity: 0.82;
  }
`;

const Verdict = styled.span<{ $colour: 'good' | 'lookOut' | 'stop' | 'know' }>`
  ${figureFont}
  display: inline-flex;
  align-items: center;
  gap: 3px;
  white-space: nowrap;
  color: ${({ theme, $colour }) => theme[$colour]};
  [aria-current='page'] & {
    color: ${({ $colour }) => ({ good: '#7FD6AE', lookOut: '#F0C26B', stop: '#FF9C8F', know: '#9CCDEB' })[$colour]};
  }
`;

const flash = keyframes`from { color: #D8480B; } to { color: inherit; }`;
const Flashing = styled.span`
  &[data-changed] {
    /* In steps: a colour that glides is drawn anew sixty times a second. */
    animation: ${flash} 900ms steps(6);
  }
`;

/** A figure that flashes once when it becomes another. */
function Flash({ text }: { readonly text: string }) {
  const [first, setFirst] = useState(text);
  const [changed, setChanged] = useState(false);
  // The first figure to arrive is not a change.
  if (!changed && text !== first) {
    if (first === COMING) setFirst(text);
    else setChanged(true);
  }
  return (
    <Flashing key={text} className="figure" data-changed={changed || undefined}>
      {text}
    </Flashing>
  );
}

interface StationLinkProps extends StationText {
  readonly to: string;
  readonly search: string;
  readonly place: 'first' | 'between' | 'last';
}

/** Drawn again only when one of its words changes. */
const StationLink = memo(function StationLink({
  to,
  search,
  place,
  station,
  name,
  tone,
  verdict,
  figure,
  detail,
}: StationLinkProps) {
  return (
    <Stop to={{ pathname: to, search }} $first={place === 'first'} $last={place === 'last'} data-station={station}>
      <span className="head">
        <span>{name}</span>
        {verdict && (
          <Verdict $colour={toneColour(tone)}>
            <ToneMark tone={tone} size={14} />
            {verdict}
          </Verdict>
        )}
      </span>
      <Flash text={figure} />
      <span className="detail">{detail}</span>
    </Stop>
  );
});

/** The batch as one chain, always in sight: figure and verdict of each station. */
export function LineBar({ batchId, line }: { readonly batchId: string; readonly line: Line }) {
  const texts = lineText(line);
  const { station } = useParams();
  const { search } = useLocation();
  const strip = useRef<HTMLElement>(null);
  // On a phone the line scrolls: the open station stays in sight.
  useEffect(() => {
    const open = strip.current?.querySelector<HTMLElement>('[aria-current="page"]');
    if (open && strip.current) strip.current.scrollLeft = open.offsetLeft - strip.current.offsetLeft - 40;
  }, [station]);
  return (
    <Strip aria-label={T.theLine} ref={strip} data-current={line.hotIsCurrent || undefined}>
      {texts.map((text, i) => (
        <StationLink
          key={text.station}
          to={`/bench/${batchId}/${text.station satisfies Station}`}
          search={search}
          place={i === 0 ? 'first' : i === texts.length - 1 ? 'last' : 'between'}
          {...text}
        />
      ))}
    </Strip>
  );
}
