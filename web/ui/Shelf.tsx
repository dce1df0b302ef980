import styled from 'styled-components';

/** What stands side by side to be chosen from, as links: parcels, kits, albums. */
export const Shelf = styled.nav`
  display: flex;
  gap: 18px;
  flex-wrap: wrap;
  padding-bottom: 10px;
  flex: none;
  a {
    color: ${({ theme }) => theme.ink};
    text-decoration: none;
    font-weight: 600;
    padding: 4px 2px;
    border-bottom: 3px solid transparent;
  }
  a:hover {
    border-color: ${({ theme }) => theme.line};
  }
  a[aria-current] {
    border-color: ${({ theme }) => theme.beet};
  }
  em {
    font-style: normal;
    font-weight: 400;
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
`;
