export { BestWirings, WhatToBuy } from "./tabs";
