// What stands on this screen.

type Said = string | number;

export const theHelpers = 'the helpers';
export const letIn = 'Add a device';
export const deviceName = 'Device name';
export const deviceNameHint = 'Wren’s phone';
export const mayDo = 'Access';
export const roles: Record<string, string> = {
  press: 'Press: bench, cutter, photos',
  look: 'View only',
  owner: 'Everything except adding devices',
};
export const makeFigures = 'Get a pairing code';
export const typeThese = (name: Said) => `On ${name}, go to`;
export const andType = 'and enter';
export const orPhotograph = 'Or scan this.';
export const countsFor = (seconds: Said) => `Good for ${seconds} s more, for one device.`;
export const countsNoMore = 'This code has expired.';
export const compare =
  'The browser there will warn you, because nobody outside vouches for this machine. Open the certificate details and check that the SHA-256 fingerprint is';
export const takeBack = 'Cancel this code';
export const closed =
  'Only this machine can use Juxtherm right now. Start it with --lan, and helpers can join from their own devices.';
export const devices = 'Paired devices';
export const nobody = 'None yet.';
export const since = (day: Said) => `paired ${day}`;
export const seen = (at: Said) => `last seen ${at}`;
export const neverSeen = 'not used yet';
export const turnAway = 'Remove';
export const turnAwayWhich = (name: Said) => `Remove ${name}`;
export const turnedAway = (name: Said) => `${name} no longer has access.`;
export const deeds = 'Activity';
export const noDeeds = 'Nothing yet.';
export const authority = 'The workshop’s certificate';
export const authorityWhy =
  'Install this file as a trusted authority on a device and the warning goes away. The device can then keep Juxtherm on its home screen.';
export const download = 'Download';
