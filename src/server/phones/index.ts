export { phonesFile } from "./file";
export { registerLan, type Lan, openLan, ownAddresses } from "./lan";
export { pairingPage, refusedWords } from "./pairing-page";
export { type Pairing, type Phone, Phones } from "./phones";
