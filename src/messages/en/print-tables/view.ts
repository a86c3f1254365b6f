export const cablesTexts = {
  stringString: (string: number) => `String ${string}`,
  cablesEachTwiceAnd: "Cables, each twice: + and −",
  cable: "Cable",
  oneWayLength: "One-way length",
  locationInstallation: "Location, installation",
  size: "Size",
  mustCarry: "Must carry",
  voltageDrop: "Voltage drop",
  about: "about ",
  circuitsCircuits: (circuits: number) => `, ${circuits} circuits`,
  atLeast: "at least ",
  oneLengthIs: "One length is",
  assumedLengthsLengthsAre: (assumedLengths: number) => `${assumedLengths} lengths are`,
  vocAtMostHighestVVDcAtTheRecord: (highestV: string, lengths: string) =>
    `Voc at most ${highestV} V DC at the record low.${lengths} Your local code decides.`,
};

export const surfacesTexts = {
  nameToTheMiddleOfEachObjectFrom: (name: string) =>
    `${name}: to the middle of each object, from the left edge and from the back edge`,
  object: "Object",
  fromTheLeft: "From the left",
  fromTheBack: "From the back",
  turnedBy: "Turned by",
  size: "Size",
  mmDiameter: (mm: string) => `${mm} diameter`,
  alreadyThere: ", already there",
  cablesOnItEachTwiceAnd: "Cables on it, each twice: + and −",
  onTheSurface: "On the surface",
  onward: "Onward",
  cutLength: "Cut length",
  railsToCutWhereRailsAreUsed: "Rails to cut, where rails are used",
  quantity: "Quantity",
  valueMm: (value: number) => `${value} mm`,
};

export const workTexts = {
  makingTheLeads: "Making the leads",
  connecting: "Connecting",
  disconnecting: "Disconnecting",
};
