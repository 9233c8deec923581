/** The rounds of Dapple, the snail of the demo workshop, for a baby. UK terms. Tail and neck are caught flat in the round that joins shell and foot. */
export const DAPPLE_TEXT = `Stalk (2x, sage, 2.5 mm hook, ring = tip)
R1: 4 dc in ring (4)
R2-5: dc around (4)
fasten off, leave 12 cm

Neck (1x, sage, 3.0 mm hook, ring = nose)
R1: 6 dc in ring (6)
R2: inc x6 (12)
R3: (dc, inc) x6 (18)
R4-6: dc around (18)
R7: 5 dc, stalk over 2, 4 dc, stalk over 2, 5 dc (18)
R8: (dc, dec) x6 (12)
-- embroider the eyes between R4 and R5, 5 between --
stuff softly
R9-13: dc around (12)
leave open
fasten off, leave 15 cm

Tail (1x, sage, 3.0 mm hook, ring = tip)
R1: 4 dc in ring (4)
R2: (dc, inc) x2 (6)
R3-4: dc around (6)
R5: (2 dc, inc) x2 (8)
R6-8: dc around (8)
leave unstuffed
fasten off, leave 15 cm

Foot (1x, sage, 3.0 mm hook, ring = sole)
R1: ch 8, inc in 2nd ch, 5 dc, 4 dc in last ch, other side: 5 dc, inc (18)
R2: 2 inc, 5 dc, 4 inc, 5 dc, 2 inc (26)
R3: 12 dc, inc, 12 dc, inc (28)
R4: BLO: dc around (28)
leave open
in the free front loops of R3: (sl st, 3 tr in next) x14 (56)
fasten off, leave 15 cm

Shell (1x, berry, 3.0 mm hook, ring = crown)
R1: 6 dc in ring (6)
R2: inc x6 (12)
R3: (dc, inc) x6 (18)
R4: dc, inc, (2 dc, inc) x5, dc (24)
R5: (5 dc, inc) x4 (28)
R6: with cream: dc around (28)
R7-10: with berry: dc around (28)
stuff
-- the next round goes through the shell and the last round of the foot together --
R11: 5 dc, neck over 6, 8 dc, tail over 4, 5 dc (28)
fasten off, leave 20 cm
`;
