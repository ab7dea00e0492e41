import { styled } from 'styled-components';

/** What is only there when it is printed: no menus, a table of what is done. */
export const OnPaper = styled.div`
  display: none;
  @media print {
    display: block;
    background: #fff;
  }
  section {
    break-before: page;
  }
  section:first-of-type {
    break-before: auto;
  }
  h2 {
    font-size: 22px;
  }
  table {
    width: 100%;
    margin: 10px 0;
    border-collapse: collapse;
  }
  tr {
    break-inside: avoid;
  }
  th,
  td {
    padding: 7px 10px 7px 0;
    text-align: left;
    vertical-align: top;
    border-top: 1px solid #888;
  }
  th {
    white-space: nowrap;
  }
  li {
    margin: 0 0 2px;
  }
`;
