import { createGlobalStyle } from 'styled-components';

export const GlobalStyle = createGlobalStyle`
  *, *::before, *::after { box-sizing: border-box; }
  html { -webkit-text-size-adjust: 100%; }
  body {
    margin: 0;
    font-family: 'Atkinson Hyperlegible Next Variable', system-ui, sans-serif;
    font-size: 15px;
    line-height: 1.4;
    color: ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.ground};
  }
  h1, h2, h3, p, ul, ol, dl, dd { margin: 0; }
  ul, ol { padding: 0; list-style: none; }
  button, input, textarea { font: inherit; color: inherit; }
  a { color: ${({ theme }) => theme.accentText}; }
  :focus-visible, [data-focus-visible] { outline: 3px solid ${({ theme }) => theme.know}; outline-offset: 2px; }
  .visually-hidden {
    position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); white-space: nowrap;
  }
  @media print {
    body { background: #fff; }
    header { display: none !important; }
    body:has([data-print]) * { visibility: hidden; }
    [data-print], [data-print] * { visibility: visible !important; }
    [data-print] { position: absolute; inset: 0 auto auto 0; width: 100%; }
    [data-print] button { display: none !important; }
  }
  @media (prefers-reduced-motion: reduce) {
    *, *::before, *::after { animation: none !important; transition: none !important; }
  }
`;
