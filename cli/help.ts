export const HELP = `nubbin VERB [FILE]
Reads one JSON job from FILE, or from standard input when FILE is absent or -, and prints one JSON result.

  cut         plan the cuts of pieces from sheets and leftovers
  share       share one kit out over many pages
  join        make one long strip from short ones whose pattern repeats
  gut         what the layers of a page hide, and what can be taken back
  difference  how different two colours look (CIEDE2000)
  palette     what share of a palette is owned, and with what
  list        what a packing list tells of, line by line, and what of it is in doubt
  look        what a second pair of eyes would say of a page
  order       what to do when, while things dry
  spell       titles from the letters left, of several sets

The formats, with a runnable example of each, are in docs/formats/. A job that is refused ends with status 2
and one line of JSON on standard error: {"error":{"code":"...","at":"/pieces/0/w","message":"..."}}.
`;
