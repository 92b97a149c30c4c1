import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { OnHand } from '../../api/client';
import { asked, catalogue, service, show } from '../../testing/show';
import { StockForm } from './StockForm';
import { Weigh } from './Weigh';

const roll = {
  id: 'r1',
  version: 3,
  kind: 'roll',
  vinyl: 'glitter',
  colour: '#112233',
  colourName: 'Ink',
  widthMm: 305,
  onHandMm: 1500,
  cornerWidthMm: 0,
  cornerLengthMm: 0,
  lot: '',
  label: 'Roll 1',
  pricePerMetre: null,
  lowMm: 0,
} as unknown as OnHand;

const faulty = (pointer: string, detail: string) => ({
  status: 400,
  json: { detail, errors: [{ pointer, detail, code: 'out-of-range', field: null }] },
});

describe('vinyl typed in', () => {
  it('is kept once, in millimeters, whatever was typed', async () => {
    const close = vi.fn();
    service({ 'POST /api/stock': () => ({ status: 201, json: roll }) });
    show(<StockForm catalogue={catalogue} onClose={close} />, 'us');
    await userEvent.type(screen.getByLabelText('Length'), '60');
    await userEvent.click(screen.getByRole('button', { name: /save/i }));
    await waitFor(() => expect(close).toHaveBeenCalledOnce());
    const body = asked[0]?.body as Record<string, unknown>;
    expect(body).toMatchObject({ kind: 'roll', vinyl: 'smooth', widthMm: 305 });
    expect(body.lengthMm).toBeCloseTo(1524, 6);
    expect(body.commandId).toMatch(/^[0-9a-f-]{36}$/);
  });

  it('stays on the screen with what is wrong beside the field', async () => {
    const close = vi.fn();
    service({ 'POST /api/stock': () => faulty('#/lengthMm', 'Above 0 to 200000 mm is accepted.') });
    show(<StockForm catalogue={catalogue} onClose={close} />);
    await userEvent.type(screen.getByLabelText(/color name/i), 'Rust');
    await userEvent.click(screen.getByRole('button', { name: /save/i }));
    expect(await screen.findByText('Above 0 to 200000 mm is accepted.')).toBeTruthy();
    expect(screen.getByLabelText('Length').getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByLabelText(/color name/i)).toHaveProperty('value', 'Rust');
    expect(close).not.toHaveBeenCalled();
  });

  it('asks whether what is promised is cut, and says the answer', async () => {
    service({
      'PUT /api/stock/r1': ({ body }) =>
        (body as { isCut?: boolean }).isCut === undefined
          ? { status: 409, json: { code: 'promised', detail: '200 mm are promised to “Crew”.' } }
          : { json: roll },
    });
    const close = vi.fn();
    show(<StockForm catalogue={catalogue} piece={roll} onClose={close} />);
    await userEvent.click(screen.getByRole('button', { name: /save/i }));
    expect((await screen.findByRole('alert')).textContent).toContain('200 mm are promised');
    await userEvent.click(screen.getByRole('alert').querySelectorAll('button')[1] as HTMLElement);
    await waitFor(() => expect(close).toHaveBeenCalledOnce());
    expect(asked[1]?.body).toMatchObject({ isCut: false, version: 3 });
  });

  it('shows the corner of an offcut only', async () => {
    show(<StockForm catalogue={catalogue} onClose={() => {}} />);
    expect(screen.queryByLabelText(/corner/i)).toBeNull();
    await userEvent.selectOptions(screen.getAllByRole('combobox')[0] as HTMLElement, 'offcut');
    expect(screen.getAllByLabelText(/corner/i)).toHaveLength(2);
  });

  it('is left with Escape', async () => {
    const close = vi.fn();
    show(<StockForm catalogue={catalogue} onClose={close} />);
    await userEvent.type(screen.getByLabelText('Length'), '{Escape}');
    expect(close).toHaveBeenCalledOnce();
  });
});

describe('a roll on the scale', () => {
  it('asks when both weights are there, and says the length', async () => {
    service({ 'POST /api/stock/weight': () => ({ json: { lengthMm: 4200, gramsPerM2: 210, from: 'typical' } }) });
    show(<Weigh catalogue={catalogue} />);
    const [, grams, core] = screen.getAllByRole('textbox') as [HTMLElement, HTMLElement, HTMLElement];
    await userEvent.type(grams, '500');
    expect(asked).toHaveLength(0);
    await userEvent.type(core, '80');
    expect((await screen.findByText(/4.2/)).textContent).toContain('4.2');
    expect(asked.at(-1)?.body).toEqual({ vinyl: 'smooth', widthMm: 305, grams: 500, coreGrams: 80 });
  });

  it('says what the service does not accept', async () => {
    service({ 'POST /api/stock/weight': () => ({ status: 400, json: { detail: '0 to 100000 g are accepted.' } }) });
    show(<Weigh catalogue={catalogue} />);
    const [, grams, core] = screen.getAllByRole('textbox') as [HTMLElement, HTMLElement, HTMLElement];
    await userEvent.type(core, '1');
    await userEvent.type(grams, '9');
    expect(await screen.findByText('0 to 100000 g are accepted.')).toBeTruthy();
  });
});
