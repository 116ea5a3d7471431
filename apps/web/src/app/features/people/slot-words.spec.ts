import { slotsByDay, weekdayChoices } from './slot-words';

describe('the week of a studio', () => {
  it('begins with the day that the studio says', () => {
    const days = (first: 'monday' | 'saturday'): string[] =>
      weekdayChoices(first).map(({ words }) => words);
    expect(days('saturday').slice(0, 3)).toEqual(['Saturday', 'Sunday', 'Monday']);
    expect(days('saturday').toSorted()).toEqual(days('monday').toSorted());
    const hour = { from: '07:00', to: '08:00' };
    const slots = [
      { weekday: 'monday', ...hour },
      { weekday: 'sunday', ...hour },
    ] as const;
    const times = ['07:00–08:00'];
    expect(slotsByDay(slots, 'sunday')).toEqual([
      { day: 'Sun', times },
      { day: 'Mon', times },
    ]);
    expect(slotsByDay(slots, 'monday').map(({ day }) => day)).toEqual(['Mon', 'Sun']);
  });
});
