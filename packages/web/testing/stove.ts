import { find, press, user, waitFor, within } from './page';

/** Goes through every point of the start, then lights the stove. */
export async function lightStove(): Promise<void> {
  const points = await find('group', 'Before the oil is heated');
  await waitFor(() => expect(within(points).getAllByRole('checkbox')).toHaveLength(10));
  for (const point of within(points).getAllByRole('checkbox')) await user.click(point);
  await press('Start the stove');
}
