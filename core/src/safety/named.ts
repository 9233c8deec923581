import { featuresIn } from '../notation';
import type { PartModel, ToyModel } from '../model';

/** Lines of a part's text that ask for eyes while the part has none: it would be closed without them. */
export function eyesNamed(model: ToyModel, part: PartModel): { line: number; words: string }[] {
  if (model.eyes.some((e) => e.eyes.part === part.part.id)) return [];
  const found = part.reading.lines.find(({ node, from, to }) => {
    if (featuresIn(node).some((f) => f.what === 'eyes')) return true;
    return (
      node.type === 'round' &&
      /\b(?:safety |insert |place |add |attach )(?:the )?(?:safety )?eyes?\b|\beyes? (?:here|now)\b/.test(
        part.part.text.slice(from, to).toLowerCase(),
      )
    );
  });
  return found
    ? [
        {
          line: found.line,
          words: part.part.text
            .slice(found.from, found.to)
            .trim()
            .replace(/^-+\s*|\s*-+$/g, '')
            .slice(0, 80),
        },
      ]
    : [];
}
