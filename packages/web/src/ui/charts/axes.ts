import type { Theme } from '../theme';

const FONT = "'Archivo Variable', system-ui, sans-serif";

/** Look of every axis, so that charts are one family. */
export function axisLook(theme: Theme) {
  return {
    axisLine: { show: false },
    axisTick: { show: false },
    splitLine: { lineStyle: { color: theme.line } },
    axisLabel: { color: theme.soft, fontFamily: FONT, fontSize: 12 },
    nameTextStyle: { color: theme.soft, fontFamily: FONT, fontSize: 12 },
  };
}

/** A y axis of temperatures: each label carries its sign, so that the axis needs no name. */
export function degreeAxis(theme: Theme, more: { readonly showMinLabel?: boolean } = {}) {
  const look = axisLook(theme);
  return { ...look, axisLabel: { ...look.axisLabel, formatter: '{value}°', ...more } };
}

export function markText(theme: Theme) {
  return { color: theme.ink, fontFamily: FONT, fontSize: 12 };
}

export function tooltipLook(theme: Theme) {
  return {
    trigger: 'axis' as const,
    backgroundColor: theme.panel,
    borderColor: theme.edge,
    textStyle: { color: theme.ink, fontFamily: FONT, fontSize: 13 },
  };
}
