import { createGlobalStyle } from 'styled-components';
import { heading, mono, text } from './theme';

export const GlobalStyle = createGlobalStyle`
  *, *::before, *::after { box-sizing: border-box; }
  html, body, #bench { height: 100%; margin: 0; }
  /* The window itself never scrolls, not even to a hidden input that has the focus. */
  html, body { overflow: clip; }
  label { position: relative; }
  body { background: ${({ theme }) => theme.ground}; color: ${({ theme }) => theme.ink}; font: 400 16px/1.45 ${text}; color-scheme: ${({ theme }) => (theme.name === 'day' ? 'light' : 'dark')}; }
  h1, h2, h3 { font-family: ${heading}; font-weight: 650; line-height: 1.15; margin: 0; }
  h1 { font-size: 28px; } h2 { font-size: 18px; } h3 { font-size: 16px; }
  p { margin: 0; }
  ul, ol { list-style: none; margin: 0; padding: 0; }
  code, .measure { font-family: ${mono}; font-size: 0.94em; letter-spacing: -0.01em; word-spacing: -0.28em; white-space: nowrap; }
  a { color: ${({ theme }) => theme.pond}; }
  :focus-visible { outline: 3px solid ${({ theme }) => theme.beet}; outline-offset: 2px; border-radius: 3px; }
  @media (prefers-reduced-motion: reduce) { *, *::before, *::after { animation: none !important; transition: none !important; } }
  @media print { body { background: #fff; } html, body { overflow: visible; } }
`;
