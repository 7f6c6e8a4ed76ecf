import { screen } from '@testing-library/react';
import { show } from '../../../test/show.tsx';
import { Parts } from './parts.tsx';

const PARTS = ['one', 'two', 'three'].map((id) => ({
  id,
  name: `Part ${id}`,
  children: <p>Text of {id}</p>,
}));

const shown = (search = '', remembered = {}) =>
  show(<Parts label="Parts" remember="test" parts={PARTS} />, { route: '/', path: `/${search}`, remembered });

describe('the parts of a page', () => {
  it('open one at a time, by press and by the arrow keys, and stand in the address', async () => {
    const { user, at } = shown('?of=x');
    expect(screen.getByText('Text of one')).toBeInTheDocument();
    await user.click(screen.getByRole('tab', { name: 'Part two' }));
    expect(screen.queryByText('Text of one')).not.toBeInTheDocument();
    expect(screen.getByRole('tabpanel', { name: 'Part two' })).toHaveTextContent('Text of two');
    expect(at()).toBe('/?of=x&part=two');
    await user.keyboard('{ArrowRight}');
    expect(screen.getByRole('tab', { name: 'Part three' })).toHaveFocus();
    expect(await screen.findByText('Text of three')).toBeInTheDocument();
  });

  it('are opened by the address, else where they were left; what is not known opens the first', async () => {
    const { user, unmount } = shown('?part=three');
    expect(screen.getByText('Text of three')).toBeInTheDocument();
    await user.click(screen.getByRole('tab', { name: 'Part two' }));
    unmount();
    const again = shown('', { 'part test': localStorage.getItem('part test') });
    expect(screen.getByText('Text of two')).toBeInTheDocument();
    again.unmount();
    shown('?part=nine');
    expect(screen.getByText('Text of one')).toBeInTheDocument();
  });

  it('are all open on paper, under their names, and one again after', () => {
    const { print } = shown();
    print(true);
    expect(screen.getAllByText(/Text of/)).toHaveLength(3);
    expect(screen.getByRole('heading', { name: 'Part two' })).toBeInTheDocument();
    print(false);
    expect(screen.getAllByText(/Text of/)).toHaveLength(1);
  });
});
