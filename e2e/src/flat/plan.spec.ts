import { catchPaper, expect, openDemo, paperOf, SIZES, test } from '../maker';

for (const [name, viewport] of SIZES)
  test.describe(name, () => {
    test.use({ viewport });

    test('a pause is moved inside its round, undone, and refused where the hole is too small', async ({
      page,
    }) => {
      await openDemo(page, 'Rill', 'Plan');
      const eyes = page.getByRole('button', { name: /^Eyes now/ });
      await eyes.click();
      await expect(page.getByText(/^from .* in comfort until .* at all until/)).toBeVisible();
      await page.getByRole('button', { name: /A stitch later/ }).click();
      await expect(eyes).toContainText('after 1 stitch of R18,');
      await expect(
        page.getByRole('button', { name: /^Head R18: 1 of its 18 stitches, then rest/ }),
      ).toBeVisible();
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(eyes).toContainText('after R17,');
      for (let i = 0; i < 12 && !(await page.getByText(/^Not after/).isVisible()); i++)
        await page.getByRole('button', { name: /A round later/ }).click();
      await expect(
        page.getByText(/^Not after .* (the hole is too small or too deep|it is filled) by then/),
      ).toBeVisible();
    });

    test('what must come last is not dragged up: the reason is told', async ({ page }) => {
      await openDemo(page, 'Rill', 'Plan');
      const grips = page.getByRole('button', { name: /^Move step/ });
      const count = await grips.count();
      // By keys: the last look is taken, carried up and put down.
      await grips.nth(count - 1).focus();
      for (const key of ['Space', 'ArrowUp', 'Space']) {
        await page.keyboard.press(key);
        // A drag by keys measures where it is before it goes on.
        await page.waitForTimeout(400);
      }
      await expect(page.getByText(/Looking it over waits for weaving in the ends/)).toBeVisible();
      await page.getByRole('button', { name: 'Understood' }).click();
    });

    test('lengths are filled by touch; the shopping list has yarn, and says whether what is at home is enough', async ({
      page,
    }) => {
      await openDemo(page, 'Rill', 'Plan');
      await page.getByRole('radio', { name: /stuffing/ }).click();
      await page.getByRole('radio', { name: /^Leg/ }).click();
      await page.getByRole('button', { name: 'R1–9 soft' }).click();
      for (let i = 0; i < 4; i++)
        await page
          .getByRole('button', { name: /From\s*R\d+$/ })
          .last()
          .click();
      await page.getByRole('radio', { name: 'empty', exact: true }).click();
      await expect(page.getByRole('button', { name: /^R\d–9 empty$/ })).toBeVisible();
      await page.getByRole('button', { name: 'As the text says' }).click();
      await expect(page.getByRole('button', { name: 'R1–9 soft' })).toBeVisible();
      await page.getByRole('radio', { name: /^Head/ }).click();
      await page.getByRole('radio', { name: 'Roll of felt' }).click();
      await page.getByRole('textbox', { name: 'How wide' }).fill('14');
      await page.getByRole('textbox', { name: 'How wide' }).press('Enter');
      await page.getByRole('button', { name: /Gather earlier/ }).click();
      await expect(page.getByText('12 of R19 gathered')).toBeVisible();
      await page.getByRole('button', { name: 'On the kitchen scale' }).click();
      for (const [bag, grams] of [
        ['The bag before filling', '200'],
        ['The bag after filling', '185'],
      ] as const) {
        await page.getByRole('textbox', { name: bag, exact: true }).fill(grams);
        await page.getByRole('button', { name: `Read it: ${bag}` }).click();
      }
      await expect(page.getByText(/^the scale shows 18[456] g$/)).toBeVisible();
      await page.getByRole('button', { name: 'Use it' }).click();
      await expect(page.getByText(/All grams go by what you weighed/)).toBeVisible();
      await page.getByRole('radio', { name: /and all materials/ }).click();
      await expect(page.getByText(/long, 14 mm wide/)).toBeVisible();
      await page.getByRole('button', { name: 'At home, label, price' }).nth(1).click();
      await page.getByRole('textbox', { name: 'At home' }).fill('500');
      await page.getByRole('textbox', { name: 'At home' }).press('Enter');
      await expect(page.getByText('500 g at home: enough')).toBeVisible();
      await page.getByRole('textbox', { name: 'One ball weighs' }).fill('25');
      await page.getByRole('textbox', { name: 'One ball is long' }).fill('52,5');
      await page.getByRole('button', { name: 'Note the ball' }).click();
      await expect(page.getByText(/^\d+ balls? of 25 g, 10 % to spare/)).toBeVisible();
      await expect(page.getByRole('heading', { name: 'Ends to leave' })).toBeVisible();
      await expect(page.getByRole('button', { name: 'Print the shopping list' })).toBeVisible();
    });

    test('a part is filled in goes of its own and closed as a star; the plan and its yarn follow, and undo takes it back', async ({
      page,
    }) => {
      await openDemo(page, 'Rill', 'Plan');
      await expect(page.getByRole('button', { name: /^Last tufts into the head/ })).toBeVisible();
      await page.getByRole('radio', { name: /stuffing/ }).click();
      await page.getByRole('radio', { name: /^Head/ }).click();
      await page
        .getByRole('radiogroup', { name: 'Head is filled' })
        .getByRole('radio', { name: 'In one go' })
        .click();
      await page.getByRole('radio', { name: 'As a star' }).click();
      await page.getByRole('radio', { name: /to make$/ }).click();
      await expect(page.getByRole('button', { name: /^Stuff the head/ })).toBeVisible();
      await expect(page.getByRole('button', { name: /^Last tufts into the head/ })).toBeHidden();
      const close = page.getByRole('button', { name: /^Close the head at R20, gather 6/ });
      await expect(close).toContainText('leave 25 cm to close and bury; as a star');
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(close).toContainText('leave 20 cm to close and bury');
      await expect(close).not.toContainText('star');
    });
  });

test('the lanes are printed on one A4 lying, the shopping list with yarn, eyes and tools', async ({
  page,
  browser,
}) => {
  await openDemo(page, 'Rill', 'Plan');
  await catchPaper(page);
  await page.getByRole('button', { name: 'Print the lanes' }).click();
  await expect.poll(() => paperOf(page)).toContain('A4 landscape');
  const lanes = await paperOf(page);
  await page.getByRole('radio', { name: /and all materials/ }).click();
  await page.getByRole('button', { name: 'Print the shopping list' }).click();
  await expect.poll(() => paperOf(page)).toContain('Tools');
  const printer = await (await browser.newContext()).newPage();
  const shown = async (html: string) => {
    await printer.setContent(html);
    await printer.emulateMedia({ media: 'print' });
    return printer.evaluate(() => document.body.innerText);
  };
  const list = await shown(await paperOf(page));
  for (const words of ['rust', 'cream', 'Eyes 9 mm', 'Polyester', 'Tools']) expect(list).toContain(words);
  const told = await shown(lanes);
  for (const part of ['Snout', 'Ear × 2', 'Head', 'Body', 'Arm × 2', 'Leg × 2', 'Tail'])
    expect(told).toContain(part);
  // One page and no second one.
  const pdf = (await printer.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  await printer.context().close();
});
