export const phonesViewTexts = {
  phones: "Phones",
  thisComputerOnly: "This computer only",
  goldenArrayAnswersThisComputer:
    "Golden Array answers this computer and no other device. To use it from a phone in the same network, stop it and start it with",
  thisPhoneIsPaired: "This phone is paired",
  phonesAreAddedAndRemovedOnThe: "Phones are added and removed on the computer itself, on this page.",
  aPairedPhoneCanReadAndChange:
    "A paired phone can read and change every plan here. What is sent between phone and computer is",
  notEncrypted: "not encrypted",
  othersInTheSameNetworkCanReadIt:
    ": others in the same network can read it. Use a network you trust, and stop Golden Array when you are done.",
  pairAPhone: "Pair a phone",
  openOneOfTheseAddressesOnThe:
    "Open one of these addresses on the phone, or point its camera at the picture. The phone must be in the same network as this computer.",
  codeForACameraAddress: (address: string) => `Code for a camera: ${address}`,
  makeAPairingCodeAndEnterItOnThe:
    "Make a pairing code and enter it on the phone. It is valid for two minutes, five tries and one phone.",
  makeAPairingCode: "Make a pairing code",
  makeAnotherCode: "Make another code",
  validUntilTime: (time: string) => `valid until ${time}`,
  pairedPhones: "Paired phones",
  none: "None.",
  pairedDateLastSeenAgo: (date: string, ago: string) => `paired ${date}, last seen ${ago}`,
  removeName: (name: string) => `Remove ${name}`,
};
