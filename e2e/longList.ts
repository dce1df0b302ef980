/** A packing list of seventy things in the manners of many clubs, invented, with headings and greetings among them. */
export const LONG_LIST = `March 2026 Main Kit - "Ferry Landing"
Hello! Here is what is inside your box:

PATTERNED PAPER
Patterned paper - 12x12 - Gangway (2)
Patterned paper - 12x12 - Timetable (1)
12"x12" double-sided paper "Harbour Wall" x2
12x12 Patterned Paper: Rope Coil
(1) 12x12 Gull/Gingham
2 - 12 x 12 papers, Lifebelt
Buoys 12x12 (qty 2)
12 in x 12 in Lamp Post
Exclusive 12x12 paper - Chart Room - 1 sheet
Ticket Hall, 12x12, qty: 2
2 sheets 12x12 Fog / Plain Cream
Tide mk2 12x12
12x12 Mooring, front: ropes, back: plain navy
Vellum 12x12 - Drizzle
12x12 acetate sheet - Portholes
Cut-apart sheet 12x12

CARDSTOCK
3 sheets 12x12 cardstock kraft
5 sheets 12x12 cardstock (2 white, 2 navy, 1 coral)
Textured cardstock 12x12 - Cranberry x 2
8.5x11 white cardstock, 4 sheets
Cardstock: forest green, 12x12, 1
6x8 paper pad, 24 sheets
6x6 paper stack (36 sheets)

Alphas:
Puffy alphabet stickers, teal
Thick chipboard letters, "Quayside", cream
Tiny alpha sticker sheet, black
Letter stickers - 2 sheets - red
alpha foam 3/4 in: A3 E4 N2 R2 S3 T2

EMBELLISHMENTS
wood veneer anchors x 14
Die cuts - 42 pieces
Die-cut ephemera pack (35 pcs)
Chipboard frames, 8 pieces
phrase stickers 1 sheet
Puffy stickers - fish - 1 pack
Enamel dots, 60 pcs, red/white/navy
6x12 sticker sheet - Low Water
Clear stickers (2 sheets)
Flair buttons, set of 5
Rub-ons, 1 sheet
Mini tags x 10
Acrylic word "ahoy"
Paper clips (4)
Epoxy stickers 20ct
Resin shells - 6
Sequin mix - 1 bag
Felt fish, pack of 8
Metal charm - anchor
Tassels (3): rust, cream, moss
Photo corners
Brads, assorted - 12
Cork shapes 9 pieces
Vellum envelopes - 3
Journaling cards 3x4 (8)
4x6 cards x6
Word strips (12 pieces)
Library pocket & card, 2
Paper doilies 4 inch, 6
about 20 pearls
5 mini clothespins (rose gold)

WASHI & MORE
Washi tape 15mm x 5m, gingham
2 rolls washi
Baker's twine, red & white, 3 yards
Seam binding ribbon - 1 yard - rust
Ink pad - Damson
Stamp set 4x6 "Quay"
Cutting die - rope border
Stencil 6x6 ripples
Mist 30 ml - moss
Thank you, and see you in April!
`;
