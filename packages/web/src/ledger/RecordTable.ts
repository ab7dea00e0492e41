import { styled } from 'styled-components';
import { figureFont } from '../ui/theme';

/** Figures of records in rows; wider than the page it is moved sideways. */
export const RecordTable = styled.div`
  overflow-x: auto;
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th,
  td {
    padding: 7px 14px 7px 0;
    text-align: left;
    vertical-align: top;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  thead th,
  thead td {
    border: 0;
  }
  tbody th {
    font-weight: 400;
  }
  td {
    ${figureFont}
  }
  td small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  i {
    display: inline-block;
    width: 15px;
    height: 15px;
    margin-right: 6px;
    border-radius: 50%;
    vertical-align: -2px;
  }
  line {
    stroke-width: 2.4;
  }
`;
