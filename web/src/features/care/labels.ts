// What stands on these screens, screen by screen.

type Said = string | number;

// Curing
export const hMin = (hours: Said, minutes: Said) => `${hours} h ${minutes} min`;
export const untitled = 'Untitled';
export const mayBeWashedByHand = 'May be washed by hand';
export const mayBeWashed = 'May be washed';
export const firstWashNotBefore = (it: Said) => `First wash not before ${it}`;
export const theGlueHasSet = 'The glue has set.';
export const piece = (piece: Said) => `piece ${piece}`;
export const printCare = (it: Said) => `Print care ${it}`;
export const handedOverOnIfYou = 'Handed over on (if you like)';
export const intoACalendar = 'Into a calendar';

// CarePage
export const whatIsSetting = 'what is setting';
export const glueGoesOnSettingFor = 'Glue goes on setting for about a day. Washed too soon, edges lift.';
export const nothingIsSettingWhatComes = 'Nothing is setting. What comes off the bench shows here for two days.';

// CareStation
export const theCare = 'the care';
export const care = 'Care';
export const theSymbolsMeaningFollowsIso =
  'The symbols’ meaning follows ISO 3758; what is advised is common practice for this kind of blank. Garments for small children fall under rules of their own: follow the local ones.';
export const careCards = 'care cards';
export const aCareCard = 'a care card';
export const print = (names: Said) => `Print ${names}`;
export const stillSetting = 'Still setting';
export const pressedAndSetting = 'Pressed and setting';
