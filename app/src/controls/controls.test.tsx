import { fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { ThemeProvider } from '../theme';
import { numberTyped } from './Amount';
import { tapeTicks } from './ruling';
import { Nudge } from './Nudge';
import { PlainButton } from './MainAction';
import { ProblemLine } from './ProblemLine';
import { ReadingBand } from './Reading';
import { Tag } from './Tag';
import { Tape } from './Tape';

const show = (children: ReactNode) => render(<ThemeProvider>{children}</ThemeProvider>);

describe('controls', () => {
  it('a number is figures with a point or a comma, up to a million; anything else is none', () => {
    expect(['7', ' 1,5 ', '.5', '3.', '0', '1000000'].map(numberTyped)).toEqual([7, 1.5, 0.5, 3, 0, 1e6]);
    expect(
      ['', '.', '-1', '1e5', '1e309', '0x10', 'Infinity', '1 000', '1000001', '1.2.3', '٣'].map(numberTyped),
    ).toEqual(Array(11).fill(null));
  });
  it('a tape is ticked in the maker’s unit: an inch in sixteenths, a centimetre in millimetres, coarser where it is small', () => {
    const inch = tapeTicks('in', 10, 254);
    expect([inch.length, inch[16].at, inch[8].at]).toEqual([17, 254, 127]);
    expect(inch.map((t) => t.px).filter((px) => px === 12)).toHaveLength(2);
    const cm = tapeTicks('mm', 10, 100);
    expect([cm.length, cm[10].at, cm[5].px]).toEqual([11, 100, 9]);
    expect([tapeTicks('mm', 1, 100).length, tapeTicks('in', 1, 25.4).length]).toEqual([11, 5]);
  });
  it('a nudge is named by its direction and result, and a disabled one does nothing', () => {
    const pressed = jest.fn();
    show(<Nudge direction="closer" arrow="→←" result="7 st" onPress={pressed} />);
    fireEvent.click(screen.getByRole('button', { name: /closer\s*7 st/ }));
    expect(pressed).toHaveBeenCalledTimes(1);
    show(<Nudge direction="up" arrow="↑" result="No round there." onPress={pressed} disabled />);
    fireEvent.click(screen.getByRole('button', { name: /up/ }));
    expect(pressed).toHaveBeenCalledTimes(1);
  });

  it('what is pressed does what it would do by now', () => {
    const [first, then] = [jest.fn(), jest.fn()];
    const button = (onPress: () => void) => (
      <ThemeProvider>
        <PlainButton label="Turn" onPress={onPress} />
      </ThemeProvider>
    );
    const { rerender } = render(button(first));
    rerender(button(then));
    fireEvent.click(screen.getByRole('button', { name: 'Turn' }));
    expect([first, then].map((run) => run.mock.calls.length)).toEqual([0, 1]);
  });

  it('a choice says whether it is chosen, in words too', () => {
    show(<PlainButton label="firm" chosen onPress={() => undefined} />);
    expect(screen.getByRole('radio', { name: 'firm' }).getAttribute('aria-checked')).toBe('true');
    expect(screen.getByText(/✓/)).toBeTruthy();
  });

  it('a tag is read with its rounds and stitches', () => {
    show(<Tag of="Eyes" rounds="R10·11" stitches="15·16" />);
    expect(
      screen.getByRole('img', { name: 'Eyes between rounds 10 and 11, between stitches 15 and 16' }),
    ).toBeTruthy();
  });

  it('readings are a group of choices with number, what it counts and range', () => {
    const chosen = jest.fn();
    show(
      <ReadingBand
        label="Say it as"
        readings={[
          { value: '9', of: 'stitches between', chosen: true, onPress: chosen },
          { value: '38', of: 'mm straight', range: '33–43', onPress: chosen },
        ]}
      />,
    );
    fireEvent.click(screen.getByRole('radio', { name: /38 +mm straight, 33–43/ }));
    expect(chosen).toHaveBeenCalledTimes(1);
    expect(screen.getByRole('radiogroup', { name: 'Say it as' })).toBeTruthy();
  });

  it('a problem offers its mends, the first as the main action', () => {
    const mended = jest.fn();
    show(
      <ProblemLine
        where="R4"
        sentence="3 are left."
        severity="error"
        main
        mends={[
          { title: 'Repeat 6 times', onPress: mended },
          { title: 'Write (20)', onPress: () => undefined },
        ]}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Repeat 6 times' }));
    expect(mended).toHaveBeenCalledTimes(1);
    expect(screen.getByText('3 are left.')).toBeTruthy();
  });

  it('the tape says where the posts stand and answers the arrow keys, and no others', () => {
    const arrows: string[] = [];
    show(
      <Tape
        width={390}
        height={84}
        pxPerMm={4}
        centreX={200}
        stitchMm={4.35}
        grows={1}
        round="R11"
        count={48}
        centre={19.5}
        posts={[15, 24]}
        postRounds={[10, 10]}
        down={1}
        at="hole"
        roundMm={4}
        eyeMm={9}
        washerMm={12}
        colour="#111214"
        label="Posts on R11"
        value="R10·11, 15·16 and R10·11, 24·25, 9 stitches between"
        onPost={() => undefined}
        onRound={() => undefined}
        onArrow={(key) => arrows.push(key)}
      />,
    );
    const tape = screen.getByRole('slider', { name: 'Posts on R11' });
    expect(tape.getAttribute('aria-valuetext')).toContain('9 stitches between');
    for (const key of ['ArrowLeft', 'ArrowUp', 'a', 'Tab', 'ArrowRight', 'ArrowDown'])
      fireEvent.keyDown(tape, { key });
    expect(arrows).toEqual(['left', 'up', 'right', 'down']);
  });
});
