/** A file whose shape nobody has looked at yet. */
export type Loose = Record<string, unknown>;
