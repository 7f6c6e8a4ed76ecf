import { screen } from '@testing-library/react';
import { SHOWN, TAPPED } from '../../../test/machines.ts';
import { show } from '../../../test/show.tsx';
import { MachineCard } from './machine-card.tsx';

describe('a machine’s card', () => {
  beforeEach(() => {
    jest.useFakeTimers({ now: new Date('2026-11-25T12:00:00.000Z') });
  });
  afterEach(() => {
    jest.useRealTimers();
  });

  it('says what is on it, how far its knob is measured, and how old that is', () => {
    show(<MachineCard machine={TAPPED} />);
    const card = screen.getByRole('link');
    expect(card).toHaveTextContent('0.8 mm ER70S-6');
    expect(card).toHaveTextContent('knob measured at 3 places');
    expect(card).toHaveTextContent('knob 24 days ago, volts 24 days ago');
  });

  it('marks what is old, and says honestly where nothing was measured', () => {
    show(<MachineCard machine={SHOWN} />);
    expect(screen.getByRole('link')).toHaveTextContent('◆ entry 7 months ago');
    show(<MachineCard machine={{ ...TAPPED, dialReadings: [], voltsReadAt: null }} />);
    expect(screen.getAllByRole('link').at(-1)).toHaveTextContent('knob not measured');
    expect(screen.getAllByRole('link').at(-1)).toHaveTextContent('nothing measured yet');
  });
});
