// What stands on these screens, screen by screen.

type Said = string | number;

// Arithmetic
export const sums = 'Calculators';
export const overARunOfSizes = 'Several sizes';
export const asLargeInProportionOn = 'Scaled to each size and placed by the same rule.';
export const size = 'size';
export const pieces = 'pieces';
export const fromTheTop = 'from the top';
export const inAll = 'in all';
export const mOfVinylAsBoxes = (it: Said) => `${it} m² of vinyl, measured as boxes`;
export const toAMeasureOfThe = 'Sized to the body';
export const aLimbTheBackA =
  'An arm, the back, a handle: the artwork becomes a share of it, the same for each of a pair.';
export const theMeasure = 'Measurement';
export const shareOfIt = 'Share of it';
export const makeItSo = 'Apply';
export const allLayersOfThisFace = 'All layers on this side together.';
export const aLetterOnEachPiece = 'Letter banners';
export const oneHeightForAllOf = 'One height for all letters; the widest must still fit.';
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
export const clothSeldomIsMeasureAll = 'Fabric seldom is. Measure all four sides and split the difference.';
export const top = 'Top';
export const bottom = 'Bottom';
export const left = 'Left';
export const right = 'Right';
export const theEyeAcceptsThat = 'Nobody will notice.';
export const thatShowsTrimOrStretch = 'That shows: trim or stretch the fabric first.';
export const shiftEachSideByThat = (shareMm: Said, lengthUnit: Said, it: Said, acceptedByEye: Said) =>
  `Shift each side by ${shareMm}  ${lengthUnit}; that turns the print by ${it}°. ${acceptedByEye}`;

// Garment
export const theItemToMeasureArrow = (face: Said) =>
  `${face}: the item to measure. Arrow keys move the artwork by a millimeter, with Shift by ten; plus and minus zoom, 0 fits.`;
export const thePlate = 'The plate';
export const splitHereForTheCutter = 'Split here for the cutter, between pieces';
export const splitHereForTheCutter2 = 'Split here for the cutter';
export const zoomOut = 'Zoom out';
export const fit = 'Fit';
export const zoomIn = 'Zoom in';

// KeepOuts
export const inTheWay = 'Obstacles';
export const inTheWay2 = 'Obstacles ';
export const whatYourPieceHasBesides = 'what else is on your piece: a pocket, a seam, a zipper, a ring';
export const what = 'What';
export const fromTheLeft = 'Distance from left';
export const fromTheTop2 = 'Distance from top';
export const width = 'Width';
export const height = 'Height';
export const takeAway = 'Remove';
export const addSomethingInTheWay = 'Add an obstacle';

// Measures
export const measures = 'Measurements';
export const measureYours = 'Measure yours ';
export const typicalMeasuresStandInGrey =
  'typical values are in gray; type what your tape says. The picture shows where to measure.';
export const size2 = 'Size';

// PlaceStation
export const theItemCannotBeDrawn = 'The item cannot be drawn yet: see Item.';
export const theItem = 'the item';
export const whichFace = 'Which side';
export const front = 'Front';
export const back = 'Back';
export const move = 'Move';
export const shownOn = 'Shown on';
export const asDesigned = 'the design itself';
export const piece = (number: Said) => `piece ${number}`;
export const allTogether = 'all together';
export const dragItOrUseThe = 'drag, or use the arrow keys';
export const places = 'Places';
export const whereItGoes = 'Where it goes';
export const nothingLiesOnThisFace = 'Nothing on this side yet. ';
export const putHere = (job: Said) => `Put “${job}” here`;
export const howLargeIsTheArtwork = 'How large is the artwork? Type its size below to place it.';
export const putItThere = (name: Said) => `Place here: ${name}`;
export const putItThere2 = 'Place here';
export const belowTheCollar = (dropMm: Said) => `${dropMm} below the collar`;
export const othersLay = (fingers: Said) => `Rule of thumb: ${fingers}.`;
export const whyAndHowToFind = 'Why, and how to find it';
export const source = (from: Said) => `Source: ${from}`;
export const sizeAndPlace = 'Size and place';
export const allTogether2 = 'All together';
export const widthAllTogether = 'Width, all together';
export const heightAllTogether = 'Height, all together';
export const fromTheLeftAndThe = 'Measured from the left and top of the flat area, dashed in the picture.';
export const onTheMiddleLine = 'Centered.';
export const ofTheMiddle = (offCentre: Said, offCentre2: Said) => `${offCentre} ${offCentre2} of center.`;
export const nearest = (nearest: Said, nearestMm: Said) => ` Nearest: ${nearest}, ${nearestMm}.`;
export const thenTheItemEnds = 'limited by the item';
export const thenTheCutterEnds = 'limited by the cutter';
export const thePlateIsTheLimit = 'limited by the plate';
export const fitOnePress = (size: Said) => `Fit one press: ${size}`;
export const largestInTheseProportions = (size: Said) => `Largest: ${size}`;
export const moveToThe = (job: Said, face: Said) => `Move “${job}” to the ${face}`;
export const guides = 'Print';
export const toLayItBy = 'Placement guide';
export const atTrueScaleCollarOr =
  'Full size: collar or edge, center line, corners of the artwork, and a bar to check your printer.';
export const guide = (toUpperCase: Said) => `Guide, ${toUpperCase}`;
export const pictureSvg = 'Picture, SVG';
export const artworkWidth = 'Artwork width';
export const artworkHeight = 'Artwork height';
