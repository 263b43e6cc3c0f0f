// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, test } from 'vitest';
import { LengthField } from './length-field';
import { Stepper } from './stepper';

afterEach(cleanup);

const INCH = 0.0254;

/** A field with a job behind it that takes lengths from 0 to 1 m. */
function Held({
  start,
  kind,
  measures = 'in-gal',
}: {
  readonly start: number | null;
  readonly kind: 'field' | 'stepper';
  readonly measures?: 'in-gal' | 'mm-l';
}) {
  const [value, setValue] = useState(start);
  const take = (to: number): string | undefined => {
    if (to > 1) return 'It is outside the tank.';
    setValue(to);
    return undefined;
  };
  return kind === 'field' ? (
    <LengthField label="Length" valueM={value} measures={measures} onChange={take} />
  ) : (
    <Stepper label="Height" valueM={value ?? 0} measures={measures} leastM={0} mostM={0.5} onChange={take} />
  );
}

describe('a length that is typed', () => {
  test('is taken on Enter and shown as the tape shows it', async () => {
    render(<Held start={0.1} kind="field" />);
    const field = screen.getByLabelText('Length');
    await userEvent.clear(field);
    await userEvent.type(field, '17 3/4{Enter}');
    expect(field).toHaveProperty('value', '17-3/4 in');
  });

  test('is taken when the field is left', async () => {
    render(<Held start={0.1} kind="field" measures="mm-l" />);
    const field = screen.getByLabelText('Length');
    await userEvent.clear(field);
    await userEvent.type(field, '450');
    await userEvent.tab();
    expect(field).toHaveProperty('value', '450 mm');
  });

  test('stays as typed where it cannot be read, with the reason below', async () => {
    render(<Held start={0.1} kind="field" />);
    const field = screen.getByLabelText('Length');
    await userEvent.clear(field);
    await userEvent.type(field, 'a bit{Enter}');
    expect(field).toHaveProperty('value', 'a bit');
    expect(screen.getByRole('alert').textContent).toBe('a bit is no length. Write it like 17-3/4 in.');
    expect(field.getAttribute('aria-invalid')).toBe('true');
  });

  test('stays as typed where the job refuses it, and is given up with Escape', async () => {
    render(<Held start={0.1} kind="field" measures="mm-l" />);
    const field = screen.getByLabelText('Length');
    await userEvent.clear(field);
    await userEvent.type(field, '4 m{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('It is outside the tank.');
    await userEvent.type(field, '{Escape}');
    expect(field).toHaveProperty('value', '100 mm');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  test('that nobody knows is dotted, and solid while it is written', async () => {
    render(<Held start={null} kind="field" />);
    const field = screen.getByLabelText('Length');
    expect(field.dataset.unknown).toBe('true');
    expect(field.getAttribute('placeholder')).toBe('not known yet');
    await userEvent.type(field, '3');
    expect(field.dataset.unknown).toBe('false');
    expect(field.dataset.writing).toBe('true');
  });

  test('left without a change changes nothing', async () => {
    render(<Held start={null} kind="field" />);
    await userEvent.click(screen.getByLabelText('Length'));
    await userEvent.tab();
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('a stepper', () => {
  const value = (): string => screen.getByLabelText<HTMLInputElement>('Height').value;

  test('goes to the next half inch, not by half an inch', async () => {
    render(<Held start={8.3 * INCH} kind="stepper" />);
    await userEvent.click(screen.getByRole('button', { name: 'Height: more' }));
    expect(value()).toBe('9 in');
    await userEvent.click(screen.getByRole('button', { name: 'Height: less' }));
    expect(value()).toBe('8-1/2 in');
  });

  test('goes by ten millimetres where the job is metric', async () => {
    render(<Held start={0.1} kind="stepper" measures="mm-l" />);
    await userEvent.click(screen.getByRole('button', { name: 'Height: more' }));
    expect(value()).toBe('110 mm');
  });

  test('stops at its ends', async () => {
    render(<Held start={0} kind="stepper" measures="mm-l" />);
    await userEvent.click(screen.getByRole('button', { name: 'Height: less' }));
    expect(value()).toBe('0 mm');
  });

  test('is moved by arrow keys and by Enter on its buttons', async () => {
    render(<Held start={0.1} kind="stepper" measures="mm-l" />);
    await userEvent.type(screen.getByLabelText('Height'), '{ArrowUp}{ArrowUp}{ArrowDown}');
    expect(value()).toBe('110 mm');
    screen.getByRole('button', { name: 'Height: less' }).focus();
    await userEvent.keyboard('{Enter}');
    expect(value()).toBe('100 mm');
  });

  test('can always be typed', async () => {
    render(<Held start={0.1} kind="stepper" measures="mm-l" />);
    const field = screen.getByLabelText('Height');
    await userEvent.clear(field);
    await userEvent.type(field, '12 in{Enter}');
    expect(value()).toBe('304.8 mm');
  });
});
