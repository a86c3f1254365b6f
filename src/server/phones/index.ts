export { phonesFile } from "./file";
export { holdLan, type Lan, openLan, ownAddresses } from "./lan";
export { pairingPage, refusedWords } from "./pairing-page";
export { codeMs, maxTries, type Pairing, type Phone, Phones, type PhoneStore } from "./phones";
