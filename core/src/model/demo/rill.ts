/** The rounds of Rill, the sitting otter of the demo workshop. US terms, worsted-like yarn, 3 mm hook. */
export const RILL_TEXT = `Snout (1x, cream, 3.0 mm hook, ring = nose)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5-6: sc around (24)
stuff softly
fasten off, leave 55 cm

Ear (2x, rust, 3.0 mm hook, ring = tip)
R1: 6 sc in ring (6)
R2: (sc, inc) x3 (9)
R3: sc around (9)
fasten off, leave 30 cm

Head (1x, rust, 3.0 mm hook, ring = crown)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: sc, inc, (2 sc, inc) x5, sc (24)
R5: (3 sc, inc) x6 (30)
R6: 2 sc, inc, (4 sc, inc) x5, 2 sc (36)
R7: (5 sc, inc) x6 (42)
R8: 3 sc, inc, (6 sc, inc) x5, 3 sc (48)
R9-13: sc around (48)
R14: (6 sc, dec) x6 (42)
R15: 3 sc, dec, (5 sc, dec) x5, 2 sc (36)
R16: (4 sc, dec) x6 (30)
R17: 2 sc, dec, (3 sc, dec) x5, sc (24)
-- eyes between R10 and R11, 9 between --
R18: (2 sc, dec) x6 (18)
stuff firmly
R19: (sc, dec) x6 (12)
R20: dec x6 (6)
close

Body (1x, rust, 3.0 mm hook, ring = sole)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5: 2 sc, inc, (3 sc, inc) x5, sc (30)
R6: (4 sc, inc) x6 (36)
R7: 3 sc, inc, (5 sc, inc) x5, 2 sc (42)
R8: (6 sc, inc) x6 (48)
R9-13: sc around (48)
R14: (6 sc, dec) x6 (42)
R15-17: sc around (42)
R18: (5 sc, dec) x6 (36)
R19-21: sc around (36)
R22: (4 sc, dec) x6 (30)
R23-24: sc around (30)
R25: (3 sc, dec) x6 (24)
R26: sc around (24)
stuff
leave open
fasten off, leave 55 cm

Arm (2x, rust, 3.0 mm hook, ring = tip)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3-5: sc around (12)
R6: (2 sc, dec) x3 (9)
R7-13: sc around (9)
stuff softly
fasten off, leave 35 cm

Leg (2x, rust, 3.0 mm hook, ring = sole)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4-5: sc around (18)
R6: (sc, dec) x6 (12)
R7-9: sc around (12)
stuff softly
fasten off, leave 40 cm

Tail (1x, rust, 3.0 mm hook, ring = tip)
R1: 5 sc in ring (5)
R2: sc around (5)
R3: (4 sc, inc) x1 (6)
R4-5: sc around (6)
R6: (2 sc, inc) x2 (8)
R7-9: sc around (8)
R10: (3 sc, inc) x2 (10)
R11-13: sc around (10)
R14: (4 sc, inc) x2 (12)
R15-17: sc around (12)
R18: (3 sc, inc) x3 (15)
R19-21: sc around (15)
stuff softly
fasten off, leave 40 cm
`;
