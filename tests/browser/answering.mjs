// Answers the check of a pack in the browser.

// `page`: a page or a frame that shows check.html. `wrong`: so many questions are answered wrong first. Gives the first answers.
export async function answer_check(page, { learner, wrong = 0 }) {
  if (await page.locator('.begin').isVisible()) {
    if (learner !== undefined) await page.locator('input[name=learner]').fill(learner);
    await page.getByRole('button', { name: 'Begin' }).click();
  }
  const first = [];
  const count = await page.locator('.set:not([hidden]) fieldset').count();
  for (let i = 0; i < count; ++i) {
    const question = page.locator('.set:not([hidden]) fieldset').nth(i);
    const right = Number(await question.getAttribute('data-right'));
    const choices = question.locator('input');
    if (i < wrong) {
      const other = right === 0 ? 1 : 0;
      first.push(await choices.nth(other).getAttribute('value'));
      await choices.nth(other).check();
      await page.getByRole('button', { name: 'Answer' }).click();
    } else {
      first.push(await choices.nth(right).getAttribute('value'));
    }
    await choices.nth(right).check();
    await page.getByRole('button', { name: 'Answer' }).click();
    await page.getByRole('button', { name: i + 1 < count ? 'Next' : 'Done' }).click();
  }
  return first;
}
