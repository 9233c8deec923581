/** The rounds of Ruby, the radish charm of the demo workshop: joined rounds, three leaves in rows, a root that ends in a strand, a loop of chain. US terms. */
export const RUBY_TEXT = `Leaf (3x, green, 2.5 mm hook, ring = tip)
Row 1: ch 9, sc in 2nd ch from hook, 2 hdc, 2 dc, 2 hdc, sc (8), turn
Row 2: ch 1, sl st, 2 sc, 2 hdc, 2 sc, sl st (8), turn
fasten off, leave 12 cm

Radish (1x, ruby, 2.5 mm hook, ring = sole)
R1: with white: 4 sc in ring, sl st to join (4)
R2: ch 1, sc, ch 12, sl st in 2nd ch from hook and each ch, sl st in same st, 3 sc, sl st to join (4)
R3: ch 1, (sc, inc) x2, sl st to join (6)
R4: ch 1, sc around, change to ruby, sl st to join (6)
R5: ch 1, inc x6, sl st to join (12)
R6: ch 1, (sc, inc) x6, sl st to join (18)
R7: ch 1, sc, inc, (2 sc, inc) x5, sc, sl st to join (24)
R8-11: ch 1, sc around, sl st to join (24)
R12: ch 1, (2 sc, dec) x6, sl st to join (18)
stuff firmly
R13: ch 1, (sc, dec) x6, sl st to join (12)
R14: ch 1, (2 sc, leaf over 2) x3, sl st to join (12)
R15: ch 1, dec x6, sl st to join (6)
close

Loop (1x, green, 2.5 mm hook)
R1: ch 30 (30)
-- close it through the split ring and sew it on last --
fasten off, leave 15 cm
`;
