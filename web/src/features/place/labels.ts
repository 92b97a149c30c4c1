// What stands on these screens, screen by screen.

type Said = string | number;

// Arithmetic
export const sums = 'Sums';
export const overARunOfSizes = 'Over a run of sizes';
export const asLargeInProportionOn = 'As large in proportion on each, placed by the same rule.';
export const size = 'size';
export const pieces = 'pieces';
export const fromTheTop = 'from the top';
export const inAll = 'in all';
export const mOfVinylAsBoxes = (it: Said) => `${it} m² of vinyl as boxes`;
export const toAMeasureOfThe = 'To a measure of the body';
export const aLimbTheBackA =
  'A limb, the back, a handle: the artwork becomes a share of it, and the same for each of a pair.';
export const theMeasure = 'The measure';
export const shareOfIt = 'Share of it';
export const makeItSo = 'Make it so';
export const allLayersOfThisFace = 'All layers of this face together.';
export const aLetterOnEachPiece = 'A letter on each piece';
export const oneHeightForAllOf = 'One height for all of them, and the widest must still fit.';
export const word = 'Word';
export const piecesInAPack = 'Pieces in a pack';
export const leftOverLettersHighIs = (
  pieces: Said,
  packs: Said,
  leftOver: Said,
  heightMm: Said,
  lengthUnit: Said,
  widest: Said,
  widestMm: Said,
) =>
  `${pieces}, ${packs}, ${leftOver} left over. Letters ${heightMm}  ${lengthUnit} high; ${widest} is the widest at ${widestMm}.`;
export const isItSquare = 'Is it square?';
export const clothSeldomIsMeasureAll = 'Cloth seldom is. Measure all four sides and share the difference.';
export const top = 'Top';
export const bottom = 'Bottom';
export const left = 'Left';
export const right = 'Right';
export const theEyeAcceptsThat = 'The eye accepts that.';
export const thatShowsTrimOrStretch = 'That shows: trim or stretch the cloth first.';
export const shiftEachSideByThat = (shareMm: Said, lengthUnit: Said, it: Said, acceptedByEye: Said) =>
  `Shift each side by ${shareMm}  ${lengthUnit}; that turns the print by ${it}°. ${acceptedByEye}`;

// Garment
export const theItemToMeasureArrow = (face: Said) =>
  `${face}: the item to measure. Arrow keys move the artwork by a millimetre, with Shift by ten; plus and minus zoom, 0 fits.`;
export const thePlate = 'The plate';
export const splitHereForTheCutter = 'Split here for the cutter, between pieces';
export const splitHereForTheCutter2 = 'Split here for the cutter';
export const zoomOut = 'Zoom out';
export const fit = 'Fit';
export const zoomIn = 'Zoom in';

// KeepOuts
export const inTheWay = 'In the way';
export const inTheWay2 = 'In the way ';
export const whatYourPieceHasBesides = 'what your piece has besides: a pocket, a seam, a zip, a ring';
export const what = 'What';
export const fromTheLeft = 'From the left';
export const fromTheTop2 = 'From the top';
export const width = 'Width';
export const height = 'Height';
export const takeAway = 'Take away';
export const addSomethingInTheWay = 'Add something in the way';

// Measures
export const measures = 'Measures';
export const measureYours = 'Measure yours ';
export const typicalMeasuresStandInGrey =
  'typical measures stand in grey; what your tape says takes their place. The tape is shown above.';
export const size2 = 'Size';

// PlaceStation
export const theItemCannotBeDrawn = 'The item cannot be drawn yet: see the Item station.';
export const theItem = 'the item';
export const whichFace = 'Which face';
export const front = 'Front';
export const back = 'Back';
export const move = 'Move';
export const allTogether = 'all together';
export const dragItOrUseThe = 'drag it, or use the arrow keys';
export const places = 'Places';
export const whereItGoes = 'Where it goes';
export const nothingLiesOnThisFace = 'Nothing lies on this face. ';
export const putHere = (job: Said) => `Put “${job}” here`;
export const howLargeIsTheArtwork = 'How large is the artwork? Type it below; then it can be placed.';
export const putItThere = (name: Said) => `Put it there: ${name}`;
export const putItThere2 = 'Put it there';
export const belowTheCollar = (dropMm: Said) => `${dropMm} below the collar`;
export const othersLay = (fingers: Said) => `Others lay ${fingers}.`;
export const whyAndHowToFind = 'Why, and how to find it';
export const source = (from: Said) => `Source: ${from}`;
export const sizeAndPlace = 'Size and place';
export const allTogether2 = 'All together';
export const widthAllTogether = 'Width, all together';
export const heightAllTogether = 'Height, all together';
export const fromTheLeftAndThe =
  'From the left and the top of where it lies flat, dashed in the picture; the picture counts from the sides.';
export const onTheMiddleLine = 'On the middle line.';
export const ofTheMiddle = (offCentre: Said, offCentre2: Said) => `${offCentre} ${offCentre2} of the middle.`;
export const nearest = (nearest: Said, nearestMm: Said) => ` Nearest: ${nearest}, ${nearestMm}.`;
export const thenTheItemEnds = ', then the item ends.';
export const thenTheCutterEnds = ', then the cutter ends.';
export const largestInTheseProportions = (widthMm: Said, limitedBy: Said) =>
  `Largest in these proportions: ${widthMm}${limitedBy}`;
export const makeItThisLarge = 'Make it this large';
export const moveToThe = (job: Said, face: Said) => `Move “${job}” to the ${face}`;
export const guides = 'Guides';
export const toLayItBy = 'To lay it by';
export const atTrueScaleCollarOr =
  'At true scale: collar or edge, middle line, corners of the artwork, and a bar to check the printer.';
export const guide = (toUpperCase: Said) => `Guide, ${toUpperCase}`;
export const pictureSvg = 'Picture, SVG';
export const artworkWidth = 'Artwork width';
export const artworkHeight = 'Artwork height';
