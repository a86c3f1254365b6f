import { type DeviceRead } from "@/core/panels/label-import";
import { given } from "../format";

export const cutoutTexts = {
  partOfThePhotoThatSaysText: (text: string) => `Part of the photo that says ${text}`,
  notSureOf: "Not sure of:",
};

export const readFromTexts = {
  photo: "Photo",
};

export const readInTexts = {
  importFromPhotoOrText: "Import from photo or text",
  pasteTheTextOfAPageOrAMailGolden: "Paste the text of a page or a mail: Golden Array finds the numbers in it.",
  photosOfStickers: "Photos of stickers",
  photoOfASticker: "Photo of a sticker",
  takeAPhoto: "Take a photo",
  choosePhotos: "Choose photos",
  photosAreReadOnThisComputerAnd:
    "Photos are read on this computer and sent nowhere. Show the whole sticker, straight on, without glare.",
  readingName: (name: string) => `Reading “${name}”`,
  doneOfReadCount: (done: number, readCount: number) => `, ${done} of ${readCount}`,
  readingThePhoto: "Reading the photo",
  cancelReading: "Cancel reading",
  addAllPanelCountToTheLibrary: (panelCount: number) => `Add all ${panelCount} to the library`,
  valuesInDoubtAreLeftEmpty: "Values in doubt are left empty.",
  noPanelDataFound: "No panel data found.",
  noControllerDataFound: "No data of a PV input found.",
  copyTheLinesOfThePvInput: "Copy the lines with the volts and amps of the PV input.",
  copyTheLinesWithVocIscVmpAndImp: "Copy the lines with Voc, Isc, Vmp and Imp.",
  photographTheWholeStickerFrom: "Photograph the whole sticker from closer, straight on, in even light.",
  theTextIsTooLongBeyondWith: (beyond: string) =>
    `The text is too long: ${beyond} with numbers were not read. Paste only the part about the panel.`,
  importLabelsOfPanelsAtPanelsOrIn: "Import labels of panels at Panels or in the library.",
  notUnderstoodUnreadCount: (unreadCount: string) => `Not understood: ${unreadCount}`,
  thePhotoWasNotSavedMessage: (message: string) => `The photo was not saved: ${message}`,
};

export const readInButtonTexts = {
  importFromPhotoOrText: "Import from photo or text",
};

/** Over what was read of a panel or a device. */
export const readHead = ["Field", "Value", "Found in"] as const;

export const readDeviceTexts = {
  controllerWithoutAName: "Controller without a name",
  ofPv: (k: number, name: string) => `PV ${k} · ${name}`,
  together: (ports: readonly number[]) => `${ports.map((k) => `PV ${k}`).join(", ")} together`,
  limit: ({ fromV, toV, amps, nature }: DeviceRead["ports"][number]["currentLimits"][number]) =>
    [
      given(amps, "A"),
      ...(fromV === null || toV === null ? [] : [`from ${fromV} to ${given(toV, "V")}`]),
      ...(nature === "neverExceed" ? ["(absolute maximum)"] : []),
    ].join(" "),
  wattsAt: ({ batteryV, watts }: DeviceRead["ports"][number]["wattsByBattery"][number]) =>
    `${given(watts, "W")} with a ${given(batteryV, "V")} battery`,
  use: (value: string) => `Use ${value}`,
  yourBattery: "Your battery:",
  leftEmptyUntilYouDecide: (names: readonly string[]) => `Left empty until you decide: ${names.join(", ")}.`,
  importControllersAndPower: "Import controllers and power stations at Controller or in the library.",
};

export const readPanelTexts = {
  panelWithoutAName: "Panel without a name",
  useThisReading: "Use this reading",
  notFoundMissing: (missing: string) => `Not found: ${missing}.`,
  leftEmptyUntilYouDecide: "Left empty until you decide:",
  comparedWithText: "I have compared every value with the text I copied",
  comparedWithSticker: "I have compared every value with the sticker",
  keepThePhotoWithTheLabelOnThis: "Keep the photo with the label, on this computer",
  nameToldIsRight: (name: string, told: string) => `${name}: ${told} is right`,
  toldUnitIsRight: (told: string, unit: string) => `${told} ${unit} is right`,
  nameUseTold: (name: string, told: string) => `${name}: use ${told}`,
  useToldUnit: (told: string, unit: string) => `Use ${told} ${unit}`,
};

export const deviceOfTexts = {
  importedController: "Imported controller",
  pvInput: "PV input",
  pvK: (k: number) => `PV ${k}`,
  together: "All PV inputs",
};
