import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { asked, service, show } from '../../testing/show';
import { HelpersPage } from './HelpersPage';

const phone = { id: '1', name: 'Wren’s phone', role: 'press', pairedUtc: '2026-05-01T09:00:00Z', seenUtc: null };
const offer = {
  code: '042917',
  name: 'Osk’s tablet',
  role: 'look',
  expiresUtc: new Date(Date.now() + 90_000).toISOString(),
  address: 'https://10.0.0.5:5188',
  fingerprint: 'AB:CD',
  qrSvg: '<svg/>',
};
const known = (devices: unknown[] = [], open = true) => ({
  open,
  devices,
  deeds: [{ atUtc: '2026-05-01T10:00:00Z', device: 'Wren’s phone', what: 'peeled piece 3' }],
});

describe('helpers’ devices', () => {
  it('says how to begin where nobody can come in', async () => {
    service({ 'GET /api/devices': () => ({ json: known([], false) }) });
    show(<HelpersPage />);
    expect(await screen.findByText(/start it with --lan/i)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Get a pairing code' })).toBeNull();
  });

  it('shows six figures in two groups, the address and what to compare, and takes them back', async () => {
    service({
      'GET /api/devices': () => ({ json: known() }),
      'POST /api/devices/pairing': () => ({ json: offer }),
      'DELETE /api/devices/pairing': () => ({}),
    });
    show(<HelpersPage />);
    await userEvent.type(await screen.findByLabelText('Device name'), 'Osk’s tablet');
    await userEvent.selectOptions(screen.getByLabelText('Access'), 'look');
    await userEvent.click(screen.getByRole('button', { name: 'Get a pairing code' }));
    expect(await screen.findByText('042 917')).toBeTruthy();
    expect(asked.at(-1)?.path).toBe('/api/devices/pairing');
    expect(asked.at(-1)?.body).toEqual({ name: 'Osk’s tablet', role: 'look' });
    expect(screen.getByText('https://10.0.0.5:5188')).toBeTruthy();
    expect(screen.getByText('AB:CD')).toBeTruthy();
    expect(screen.getByRole('status').textContent).toMatch(/(8\d|90) s more/);
    await userEvent.click(screen.getByRole('button', { name: 'Cancel this code' }));
    expect(await screen.findByRole('button', { name: 'Get a pairing code' })).toBeTruthy();
    expect(asked.some((a) => a.method === 'DELETE' && a.path === '/api/devices/pairing')).toBe(true);
  });

  it('says why no figures are made, and keeps what was typed', async () => {
    service({
      'GET /api/devices': () => ({ json: known() }),
      'POST /api/devices/pairing': () => ({ status: 400, json: { detail: 'Say what the device is called.' } }),
    });
    show(<HelpersPage />);
    await userEvent.type(await screen.findByLabelText('Device name'), '  ');
    await userEvent.click(screen.getByRole('button', { name: 'Get a pairing code' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Say what the device is called.');
    expect(screen.getByLabelText('Device name')).toHaveProperty('value', '  ');
  });

  it('turns a device away, and tells what was done from it', async () => {
    let left: unknown[] = [phone];
    service({
      'GET /api/devices': () => ({ json: known(left) }),
      'DELETE /api/devices/1': () => {
        left = [];
        return { json: phone };
      },
    });
    show(<HelpersPage />);
    expect(await screen.findByText(/peeled piece 3/)).toBeTruthy();
    await userEvent.click(await screen.findByRole('button', { name: 'Remove Wren’s phone' }));
    expect((await screen.findByRole('status')).textContent).toMatch(/no longer has access/);
    expect(await screen.findByText('None yet.')).toBeTruthy();
  });
});
