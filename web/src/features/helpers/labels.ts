// What stands on this screen.

type Said = string | number;

export const theHelpers = 'the helpers';
export const letIn = 'Let a device in';
export const deviceName = 'What it is called';
export const deviceNameHint = 'Wren’s phone';
export const mayDo = 'It may';
export const roles: Record<string, string> = {
  press: 'Press: bench, cutter, photos',
  look: 'Look',
  owner: 'Everything but letting others in',
};
export const makeFigures = 'Make six figures';
export const typeThese = (name: Said) => `On ${name}, go to`;
export const andType = 'and type';
export const orPhotograph = 'Or photograph this.';
export const countsFor = (seconds: Said) => `They count for ${seconds} s more, for one device.`;
export const countsNoMore = 'These figures do not count any more.';
export const compare =
  'Its browser will warn, because nobody outside vouches for this machine. Look at the certificate there: its SHA-256 fingerprint has to be';
export const takeBack = 'Take the figures back';
export const closed =
  'Only this machine can use Juxtherm at the moment. Start it with --lan, and helpers can come in from their devices.';
export const devices = 'Devices that were let in';
export const nobody = 'None yet.';
export const since = (day: Said) => `since ${day}`;
export const seen = (at: Said) => `last seen ${at}`;
export const neverSeen = 'not seen yet';
export const turnAway = 'Turn away';
export const turnAwayWhich = (name: Said) => `Turn ${name} away`;
export const turnedAway = (name: Said) => `${name} cannot come in any more.`;
export const deeds = 'What was done from them';
export const noDeeds = 'Nothing yet.';
export const authority = 'The workshop’s certificate';
export const authorityWhy =
  'A device on which this file is installed as an authority does not warn any more, and can keep Juxtherm on its home screen.';
export const download = 'Save it';
